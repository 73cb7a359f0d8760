<?php

declare(strict_types=1);

namespace App\Archive;

use InchLadder\Marks\MarkRow;
use InchLadder\Measure\Rounded;
use InchLadder\Plan\MarkRows;
use InchLadder\Plan\Plan;

/** The marks of a drawing as CSV (RFC 4180), for a spreadsheet or another tool; millimetres and what the ruler reads. */
final readonly class MarkList
{
    private const HEAD = ['edge', 'line', 'photo_mm', 'photo', 'area_mm', 'area', 'sheet_mm', 'sheet', 'error_mm'];

    public function __construct(private Plan $plan)
    {
    }

    public function csv(): string
    {
        $rows = [self::HEAD];
        foreach (['across' => MarkRows::across($this->plan), 'down' => MarkRows::down($this->plan)] as $edge => $marks) {
            foreach ($marks as $mark) {
                $rows[] = $this->row($edge, $mark);
            }
        }

        return Csv::write($rows);
    }

    /** @return list<string> */
    private function row(string $edge, MarkRow $mark): array
    {
        return [$edge, $mark->name, ...$this->pair($mark->at->print), ...$this->pair($mark->at->area), ...$this->pair($mark->at->sheet), self::number($mark->at->area->error()->toFloat())];
    }

    /** @return array{string, string} */
    private function pair(?Rounded $rounded): array
    {
        return $rounded === null ? ['', ''] : [self::number($rounded->exact->toFloat()), $this->plan->choices->notation->plain($rounded->reading)];
    }

    private static function number(float $millimetres): string
    {
        return rtrim(rtrim(number_format($millimetres, 4, '.', ''), '0'), '.');
    }
}
