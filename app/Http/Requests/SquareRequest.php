<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wire\Said;
use App\Wire\Typed;
use Illuminate\Foundation\Http\FormRequest;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Fit\Ratio;
use InchLadder\Layout\Places;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Unit;

/** How a snapshot is squared up. */
final class SquareRequest extends FormRequest
{
    /**
     * @return list<array{float, float}> shares of the picture, clockwise from the top left
     *
     * @throws CornersUnusable
     */
    public function corners(): array
    {
        $places = Places::read(Said::text($this, 'corners') ?: '?', 4);

        return $places !== null && count($places) === 4 ? $places : throw CornersUnusable::unreadable();
    }

    /** Width ÷ height of the page, as typed; null where nobody knows. */
    public function ratio(Unit $unit): ?float
    {
        $typed = Said::text($this, 'shape');

        return $typed === '' ? null : Typed::beside('shape', static fn () => Ratio::read($typed, new LengthReader($unit)))->toFloat();
    }

    public function isEven(): bool
    {
        return $this->boolean('even');
    }
}
