<?php

declare(strict_types=1);

namespace App\Archive;

use InchLadder\Marks\CountedFrom;
use InchLadder\Marks\MarkRow;
use InchLadder\Measure\Rounded;
use InchLadder\Plan\MarkRows;
use InchLadder\Plan\Plan;

/**
 * The marks of a drawing as CSV (RFC 4180), for a spreadsheet or another tool: each where it lies in millimetres, what the
 * ruler reads, and reading − place. The photo's count from an edge of the crop, `left`, `right` (of a print that is seen
 * mirrored) or `top`; the area's and the sheet's from the left or the top.
 */
final readonly class MarkList
{
    private const HEAD = ['edge', 'line', 'photo_from', 'photo_mm', 'photo', 'photo_error_mm', 'area_mm', 'area', 'area_error_mm', 'sheet_mm', 'sheet', 'sheet_error_mm'];

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
        $from = CountedFrom::on($this->plan->layout);
        $side = $edge === 'down' ? 'top' : ($from?->right === true ? 'right' : 'left');

        return [$edge, $mark->name, $from === null ? '' : "crop {$side}", ...$this->three($mark->at->print), ...$this->three($mark->at->area), ...$this->three($mark->at->sheet)];
    }

    /** @return array{string, string, string} */
    private function three(?Rounded $rounded): array
    {
        return $rounded === null ? ['', '', ''] : [self::number($rounded->exact->toFloat()), $this->plan->choices->notation->plain($rounded->reading), self::number($rounded->error()->toFloat())];
    }

    private static function number(float $millimetres): string
    {
        return rtrim(rtrim(number_format($millimetres, 4, '.', ''), '0'), '.');
    }
}
