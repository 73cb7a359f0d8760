<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Photo\Reference;

/**
 * One side of a print, as it was measured: the photo becomes that print, and the other side follows from its shape. Of a
 * print each side is its own.
 */
final readonly class MeasurePrint implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $side = Input::typed($how, 'side') === 'height' ? 'height' : 'width';
        $other = $side === 'height' ? 'width' : 'height';
        $typed = Input::typed($how, 'typed');
        $whole = $read->choices->whole;
        if ($whole->pixelsWide === null || $whole->pixelsHigh === null) {
            throw ValidationException::withMessages(["photo.{$side}" => Say::it('choices.side of the original')]);
        }
        $notation = $read->choices->notation;
        try {
            $measured = (new LengthReader($notation->unit))->read($typed);
        } catch (Impossible $e) {
            throw ValidationException::withMessages(["photo.{$side}" => Refusal::of($e)]);
        }
        if ($whole->print !== null) {
            return new Adjusted(['photo' => ['agreed' => false, $side => $typed]]);
        }
        $follows = Reference::onScreen(max(1, $whole->pixelsWide), max(1, $whole->pixelsHigh))->otherSide($measured, $side === 'width');

        return new Adjusted(['photo' => [
            'kind' => 'print',
            'agreed' => false,
            $side => $typed,
            $other => $notation->plain($notation->ruler->round($follows)->reading),
        ]]);
    }
}
