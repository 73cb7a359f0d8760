<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** A count of columns and rows, each in 1…60. */
final readonly class Cells
{
    public const MOST = 60;

    private function __construct(public int $columns, public int $rows)
    {
    }

    /** @throws CountOutOfRange */
    public static function of(int $columns, int $rows): self
    {
        foreach (['columns' => $columns, 'rows' => $rows] as $which => $count) {
            if ($count < 1 || $count > self::MOST) {
                throw CountOutOfRange::of($which, $count);
            }
        }

        return new self($columns, $rows);
    }
}
