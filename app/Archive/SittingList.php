<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Drawing;
use App\Models\SittingRow;

/** The sittings of a drawing as CSV (RFC 4180): one line for each thing worked at in each; times in UTC (RFC 3339). */
final class SittingList
{
    public const HEAD = ['began', 'ended', 'rung', 'pass', 'seconds', 'lesson'];

    public static function csv(Drawing $drawing): string
    {
        $lines = [self::HEAD];
        foreach ($drawing->sittings()->orderBy('began_at')->orderBy('id')->get() as $row) {
            array_push($lines, ...self::lines($row));
        }

        return Csv::write($lines);
    }

    /** @return list<list<string|int>> */
    private static function lines(SittingRow $row): array
    {
        $when = [$row->began_at->toIso8601ZuluString(), $row->ended_at->toIso8601ZuluString()];

        return array_map(static function (string $what, int $seconds) use ($when, $row): array {
            [$rung, $pass] = [...explode(' ', $what, 2), ''];

            return [...$when, $rung, $pass, $seconds, $row->lesson];
        }, array_keys($row->seconds), array_values($row->seconds));
    }
}
