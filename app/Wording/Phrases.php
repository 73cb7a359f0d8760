<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Fit\Stretched;
use InchLadder\Fit\Way;
use InchLadder\Grid\LineColour;
use InchLadder\Grid\SetUpTime;
use InchLadder\Layout\Pinned;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Slope;
use InchLadder\Paper\OrientationAdvice;
use InchLadder\Paper\Sheet;
use InchLadder\Tone\Bar;
use InchLadder\Tone\Threshold;

/** Single findings of the core in a few words each. */
final class Phrases
{
    /**
     * What a step was: kept as the parts of the document that changed, `fit, spans`, or as it was said when a hand made it.
     *
     * @return ($what is null ? null : string)
     */
    public static function step(?string $what): ?string
    {
        $parts = array_map(static fn (string $part): ?string => Say::ifAny("choices.part.{$part}"), explode(', ', (string) $what));

        return in_array(null, $parts, true) ? $what : Say::listed(array_values(array_filter($parts)));
    }

    /** Where a sheet's size is laid down: a standard, by its own name, or practice. */
    public static function source(Sheet $sheet): string
    {
        return Say::all('paper.source')[$sheet->source] ?? $sheet->source;
    }

    public static function way(Way $way): string
    {
        return Say::it("phrases.way.{$way->value}");
    }

    /** What to think of a stretch. */
    public static function stretched(Stretched $stretched): string
    {
        return Say::it("phrases.stretched.{$stretched->value}");
    }

    public static function colour(LineColour $colour): string
    {
        return Say::it("phrases.colour.{$colour->value}");
    }

    /**
     * Why the lines on the photo have their colour.
     *
     * @param  'chosen'|'no photo'|'shows best'  $reason
     */
    public static function lineColour(LineColour $colour, string $reason): string
    {
        return Say::it("phrases.line.{$reason}", ['colour' => ucfirst(self::colour($colour))]);
    }

    public static function setUp(SetUpTime $time): string
    {
        return match (true) {
            $time->most === 0 => Say::it('phrases.set up.nothing'),
            $time->least === $time->most => Say::it('phrases.set up.about', ['minutes' => $time->most]),
            default => Say::it('phrases.set up.between', ['least' => $time->least, 'most' => $time->most]),
        };
    }

    /** `level`, `upright`, `rises 20°`, `falls 12°` */
    public static function slope(Slope $slope): string
    {
        return match (true) {
            $slope->isLevel() => Say::it('phrases.slope.level'),
            $slope->isUpright() => Say::it('phrases.slope.upright'),
            default => Say::it($slope->degrees > 0 ? 'phrases.slope.rises' : 'phrases.slope.falls', ['degrees' => (string) round(abs($slope->degrees))]),
        };
    }

    /** The same for those who have no protractor: `3.6 up for 10 across`, `1.4 across for 10 up`; null where it is level or upright. */
    public static function slopeWithoutProtractor(Slope $slope): ?string
    {
        $short = $slope->forSoMuch();

        return $short === null ? null : Say::it('phrases.slope.'.($slope->isSteep() ? 'steep ' : '').($slope->degrees > 0 ? 'up' : 'down'), ['short' => (string) $short, 'long' => Slope::SO_MUCH]);
    }

    /** Which way round the sheet lies best, with the reason. */
    public static function orientation(OrientationAdvice $advice): string
    {
        $percent = static fn (Rational $share): string => round($share->toFloat() * 100).' %';

        return match (true) {
            $advice->sheetIsSquare => Say::it('phrases.orientation.square sheet'),
            $advice->upright === null => Say::it('phrases.orientation.square picture', ['wasted' => $percent($advice->wastedUpright)]),
            $advice->upright => Say::it('phrases.orientation.upright', ['good' => $percent($advice->wastedUpright), 'bad' => $percent($advice->wastedSideways)]),
            default => Say::it('phrases.orientation.sideways', ['good' => $percent($advice->wastedSideways), 'bad' => $percent($advice->wastedUpright)]),
        };
    }

    /** To a hand that would move the crop under a point that is held. */
    public static function pinned(Pinned $pinned): string
    {
        return Say::it('phrases.pinned', ['point' => $pinned->point->name]);
    }

    /** How a tone bar is counted. */
    public static function bar(Bar $bar): string
    {
        $boxes = count($bar->boxes);
        $end = $bar->boxes[$bar->paperIsLight ? 0 : $boxes - 1];

        return Say::it($end->isPaper ? 'phrases.bar.paper counts' : 'phrases.bar.paper beyond', ['boxes' => $boxes, 'first' => $bar->first(), 'last' => $bar->boxes[$boxes - 1]->number, 'step' => $end->number]);
    }

    /** Whether a picture parts into light and shadow. */
    public static function threshold(Threshold $threshold): string
    {
        $percent = static fn (float $share): string => round(100 * $share).' %';

        return Say::it("phrases.threshold.{$threshold->verdict()}", ['shadow' => $percent($threshold->shadow), 'between' => $percent($threshold->between)]);
    }
}
