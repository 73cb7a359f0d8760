<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Crop;
use InchLadder\Layout\PictureMap;
use InchLadder\Measure\Rational;
use InchLadder\Photo\PrintedPart;

/** What a trimmed print shows of its photo: a box drawn on the picture, in the print's own shape; the largest in the middle where none was drawn. */
final readonly class ShowPart implements Adjustment
{
    /** Of the photo's side. */
    private const NUDGE = '1/100';

    /**
     * @param  array<array-key, mixed>  $how  all: the print shows all of it again; nudge: left, right, up or down; left, top,
     *                                        width, height of a box, shares of the picture; nothing: the middle
     */
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        if (($how['all'] ?? false) === true) {
            return new Adjusted(['photo' => ['part' => null]]);
        }
        $whole = $read->choices->whole;
        if ($whole->print === null || $whole->pixelsWide === null || $whole->pixelsHigh === null) {
            throw ValidationException::withMessages(['photo.part' => Say::it('adjusting.part.no print')]);
        }
        $was = $read->choices->framing->part;
        if (isset($how['nudge'])) {
            return self::shown($this->nudged($read, $was, Input::typed($how, 'nudge')));
        }
        [$left, $top, $right, $bottom] = isset($how['width'])
            ? $this->onPrint($read, $how)
            : [Rational::zero(), Rational::zero(), Rational::one(), Rational::one()];
        $print = $whole->print->ratio();
        // The shape of all of the photo, in pixels.
        $photo = Rational::nd($whole->pixelsWide, $whole->pixelsHigh)->times($was->height)->dividedBy($was->width);
        $half = Rational::nd(1, 2);
        // The middle of the box, on all of the photo.
        $x = $was->left->plus($was->width->times($left->plus($right)->times($half)));
        $y = $was->top->plus($was->height->times($top->plus($bottom)->times($half)));
        $width = $was->width->times($right->minus($left));
        $part = PrintedPart::of(Rational::zero(), Rational::zero(), $width, $print, $photo);
        $part = PrintedPart::of($x->minus($part->width->times($half)), $y->minus($part->height->times($half)), $width, $print, $photo);

        return self::shown($part);
    }

    private static function shown(PrintedPart $part): Adjusted
    {
        $written = array_map(
            static fn (Rational $share): string => $share->toScale(6),
            ['left' => $part->left, 'top' => $part->top, 'width' => $part->width],
        );

        return new Adjusted(['photo' => ['agreed' => false, 'part' => $written]]);
    }

    /** Moved a little over the photo, as it is seen. */
    private function nudged(ChoicesReader $read, PrintedPart $part, string $way): PrintedPart
    {
        $step = Rational::of(self::NUDGE);
        $across = match ($way) {
            'left' => $step->negated(),
            'right' => $step,
            default => Rational::zero(),
        };
        $down = match ($way) {
            'up' => $step->negated(),
            'down' => $step,
            default => Rational::zero(),
        };

        $across = $read->json->photo->mirrored ? $across->negated() : $across;
        $inside = static fn (Rational $start, Rational $length): Rational => Rational::larger(
            Rational::zero(),
            Rational::smaller($start, Rational::one()->minus($length)),
        );

        return PrintedPart::box(
            $inside($part->left->plus($across), $part->width),
            $inside($part->top->plus($down), $part->height),
            $part->width,
            $part->height,
        );
    }

    /**
     * @param  array<array-key, mixed>  $how
     * @return array{Rational, Rational, Rational, Rational} left, top, right and bottom on the print, as shares of it
     */
    private function onPrint(ChoicesReader $read, array $how): array
    {
        [$x, $y] = [Input::share($how, 'left'), Input::share($how, 'top')];
        [$u, $v] = [$x->plus(Input::share($how, 'width')), $y->plus(Input::share($how, 'height'))];
        $map = PictureMap::of($read->choices->framing, Crop::whole(), $read->choices->whole->pixelsWide, $read->choices->whole->pixelsHigh)->pictureToPrint;
        $corners = array_map(static fn (array $at): array => $map->apply(...$at), [[$x, $y], [$u, $y], [$x, $v], [$u, $v]]);
        $least = static fn (int $axis): Rational => array_reduce(array_column($corners, $axis), Rational::smaller(...), $corners[0][$axis]);
        $most = static fn (int $axis): Rational => array_reduce(array_column($corners, $axis), Rational::larger(...), $corners[0][$axis]);

        return [$least(0), $least(1), $most(0), $most(1)];
    }
}
