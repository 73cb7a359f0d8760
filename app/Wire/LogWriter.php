<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\Drawing;
use App\Models\SittingRow;
use App\Wire\Json\LogJson;
use App\Wire\Json\SittingJson;
use App\Wire\Json\WorkedJson;
use App\Wording\LogWording;
use App\Wording\Say;
use InchLadder\Copying\CellRecord;
use InchLadder\Copying\Noted;
use InchLadder\Copying\Pass;
use InchLadder\Plan\Plan;
use InchLadder\Sittings\Progress;
use InchLadder\Sittings\Sitting;

/** Writes the record of a drawing. */
final class LogWriter
{
    public static function log(Drawing $drawing): LogJson
    {
        $plan = $drawing->plan();
        $record = $drawing->record($plan);
        $rows = array_values($drawing->sittings()->orderBy('began_at')->orderBy('id')->get()->all());
        $sittings = array_map(static fn (SittingRow $row): Sitting => $row->sitting(), $rows);
        // In passes a cell counts as soon as it is through the one that is on.
        $pass = $plan->choices->pass();
        $done = array_filter($record->cells, static fn (Noted $noted): bool => $noted->state !== Noted::EMPTY && $noted->isSettled($pass) && $noted->settled !== null);

        return new LogJson(
            array_map(static fn (SittingRow $row): SittingJson => new SittingJson(
                $row->id, $row->began_at->toIso8601ZuluString(), LogWording::length($row->sitting()->worked()), self::parts($row->seconds), $row->lesson,
            ), array_reverse($rows)),
            LogWording::length(array_sum(array_map(static fn (Sitting $sitting): int => $sitting->worked(), $sittings))),
            self::parts(self::together($sittings)),
            array_map(static fn (array $step): array => [round($step[0], 2), $step[1]], Progress::of($sittings, array_values(array_map(static fn (Noted $noted): float => (float) $noted->settled, $done)))->steps),
            $pass === null ? null : Say::it("copying.pass.{$pass->value}.name"),
            self::passes($plan, $record),
            LogWording::open(...LeftOpen::of($plan, $record)),
            LogWording::waved($plan->choices->waved),
        );
    }

    /**
     * @param  list<Sitting>  $sittings
     * @return array<string, int>
     */
    private static function together(array $sittings): array
    {
        $all = [];
        foreach ($sittings as $sitting) {
            foreach ($sitting->seconds as $what => $seconds) {
                $all[$what] = ($all[$what] ?? 0) + $seconds;
            }
        }

        return $all;
    }

    /**
     * @param  array<string, int>  $seconds
     * @return list<WorkedJson> the longest first
     */
    private static function parts(array $seconds): array
    {
        arsort($seconds);

        return array_map(static function (string $what, int $for): WorkedJson {
            [$rung, $pass] = [...explode(' ', $what, 2), ''];

            return new WorkedJson($rung, $pass === '' ? null : Say::it("copying.pass.{$pass}.name"), LogWording::length($for));
        }, array_keys($seconds), array_values($seconds));
    }

    /** @return list<string> how far each pass is; none where a cell is finished before the next */
    private static function passes(Plan $plan, CellRecord $record): array
    {
        if ($plan->choices->pass() === null) {
            return [];
        }
        $drawn = $record->toDraw($plan->layout->grid->cells(), $plan->layout->spared());

        return array_map(static fn (Pass $pass): string => LogWording::pass($pass, count(array_filter($drawn, static fn (int $cell): bool => $record->at($cell)->isSettled($pass))), count($drawn)), Pass::cases());
    }
}
