<?php

declare(strict_types=1);

namespace App\Wire;

use Illuminate\Http\Request;
use InchLadder\Impossible;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Border;
use InchLadder\Photo\Framing;
use InchLadder\Photo\Keep;
use InchLadder\Photo\PrintedPart;
use InchLadder\Photo\Turning;

/** How a photo is held, as the query of a picture's address: a picture is named by what it shows. */
final class FramingQuery
{
    private const PART = ['left', 'top', 'width', 'height'];

    private const SIDES = ['top', 'right', 'bottom', 'left'];

    /** Empty for a photo as it lies. */
    public static function write(Framing $framing): string
    {
        if ($framing->isPlain()) {
            return '';
        }
        $turning = $framing->turning;
        $border = $framing->border;

        return http_build_query([
            'quarters' => $turning->quarters, 'mirrored' => (int) $turning->mirrored, 'straighten' => $turning->degrees, 'keep' => $turning->keep->value,
            'part' => $framing->part->isWhole() ? '' : implode(' ', array_map(static fn (string $of): string => $framing->part->{$of}->toScale(6), self::PART)),
            'border' => $border->isNone() ? '' : implode(' ', array_map(static fn (string $side): string => $border->{$side}->toScale(6), self::SIDES)),
        ]);
    }

    /** What cannot be read is left out: an address that was tampered with shows the photo as it lies. */
    public static function read(Request $request): Framing
    {
        if (! $request->has('quarters')) {
            return Framing::plain();
        }
        $shares = preg_match('/^(?:0\.\d{1,6} ?|0 ?){4}$/D', Said::text($request, 'border')) === 1
            ? array_map(Rational::of(...), explode(' ', Said::text($request, 'border')))
            : array_fill(0, 4, Rational::zero());
        $box = preg_match('/^(?:[01]\.\d{1,6} ?|[01] ?){4}$/D', Said::text($request, 'part')) === 1 ? array_map(Rational::of(...), explode(' ', Said::text($request, 'part'))) : null;
        try {
            return new Framing(
                Turning::of($request->integer('quarters'), $request->boolean('mirrored'), $request->float('straighten'), Keep::tryFrom(Said::text($request, 'keep')) ?? Keep::Shape),
                Border::of(...$shares),
                $box === null ? null : PrintedPart::box(...$box),
            );
        } catch (Impossible) {
            return Framing::plain();
        }
    }
}
