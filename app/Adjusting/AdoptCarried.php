<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Corner;
use InchLadder\Grid\Labels;
use InchLadder\Measure\Rational;

/** A grid the photo carries already: its box becomes the crop, its counts and labels the drawing's own. */
final readonly class AdoptCarried implements Adjustment
{
    /** Both sides of the box, as a share of the photo; smaller was a slip of the hand. */
    private const LEAST = '1/50';

    /** @param  array<array-key, mixed>  $how  the box from one far corner to the other: left, top, width, height; columns, rows, labels, corner */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $count = static fn (string $field): int => filter_var($how[$field] ?? null, FILTER_VALIDATE_INT) ?: 0;
        $cells = Cells::of($count('columns'), $count('rows'));
        $box = ['left' => Input::share($how, 'left'), 'top' => Input::share($how, 'top'), 'width' => Input::share($how, 'width'), 'height' => Input::share($how, 'height')];
        if (Rational::smaller($box['width'], $box['height'])->isLessThan(Rational::of(self::LEAST))) {
            throw ValidationException::withMessages(['carried' => Say::it('adjusting.carried.too small')]);
        }

        return new Adjusted([
            'fit' => ['way' => 'crop', 'lock' => 'free', ...array_map(strval(...), $box)],
            'grid' => [
                'school' => 'proportional', 'columns' => $cells->columns, 'rows' => $cells->rows, 'part' => null,
                'labels' => (Labels::tryFrom(Input::typed($how, 'labels')) ?? Labels::Letters)->value, 'corner' => (Corner::tryFrom(Input::typed($how, 'corner')) ?? Corner::TopLeft)->value,
            ],
        ], Say::it('adjusting.carried.taken', ['columns' => $cells->columns, 'rows' => $cells->rows]));
    }
}
