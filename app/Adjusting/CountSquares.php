<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;

/**
 * Whole squares by one figure: so many across or down, as long as the paper takes them; or so long, as many as the paper
 * takes. The rest follows from the shape of the photo, so that as much of it is kept as can be.
 */
final readonly class CountSquares implements Adjustment
{
    /** @param  array<array-key, mixed>  $how  side: columns or rows, and count: 1 to 60; or cell: its side on the paper, as typed */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        return isset($how['cell']) ? $this->bySide($read, Input::typed($how, 'cell')) : $this->byCount($read, Input::typed($how, 'side') === 'rows' ? 'rows' : 'columns', $how['count'] ?? null);
    }

    private function byCount(ChoicesReader $read, string $side, mixed $typed): Adjusted
    {
        $count = filter_var($typed, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => Cells::MOST]]);
        if ($count === false) {
            throw ValidationException::withMessages(["fit.{$side}" => Say::it('choices.count', ['most' => Cells::MOST])]);
        }
        $ratio = self::ratio($read);
        [$columns, $rows] = $side === 'columns' ? [$count, self::count($count / $ratio)] : [self::count($count * $ratio), $count];

        return self::squares($read, WholeCells::largest($read->choices->room(), $columns, $rows, $read->choices->notation->ruler), $columns, $rows, null);
    }

    private function bySide(ChoicesReader $read, string $typed): Adjusted
    {
        try {
            $cell = (new LengthReader($read->choices->notation->unit))->read($typed);
        } catch (Impossible $e) {
            throw ValidationException::withMessages(['cell' => Refusal::of($e)]);
        }
        $print = $read->choices->reference()->print;
        $printCell = $print === null || $read->json->fit->print_cell === null ? null : (new LengthReader($read->choices->notation->unit))->read($read->json->fit->print_cell);
        $room = $read->choices->room();
        $most = static fn (Length $paper, ?Length $photo): int => min(
            Cells::MOST,
            $cell->isPositive() ? $paper->over($cell)->floor() : 0,
            $photo === null || $printCell === null || ! $printCell->isPositive() ? Cells::MOST : $photo->over($printCell)->floor(),
        );
        [$across, $down] = [$most($room->width, $print?->width), $most($room->height, $print?->height)];
        $rows = min($down, self::count($across / self::ratio($read)));

        return self::squares($read, $cell, max(1, min($across, self::count($rows * self::ratio($read)))), max(1, $rows), $read->json->fit->print_cell);
    }

    private static function ratio(ChoicesReader $read): float
    {
        return $read->choices->reference()->ratio()->toFloat();
    }

    private static function count(float $count): int
    {
        return max(1, min(Cells::MOST, (int) round($count)));
    }

    private static function squares(ChoicesReader $read, Length $cell, int $columns, int $rows, ?string $printCell): Adjusted
    {
        return new Adjusted(['fit' => [
            'way' => Way::Cells->value, 'cell' => $read->choices->notation->exactly($cell), 'print_cell' => $printCell,
            'columns' => $columns, 'rows' => $rows, 'size' => '1', 'left' => null, 'top' => null,
        ]]);
    }
}
