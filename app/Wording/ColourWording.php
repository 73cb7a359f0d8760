<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Colour\Described;
use InchLadder\Colour\Hue;
use InchLadder\Colour\Laid;
use InchLadder\Colour\Layer;
use InchLadder\Colour\Layers;
use InchLadder\Colour\Likeness;
use InchLadder\Colour\Neutral;
use InchLadder\Pixels\Lab;

/** Says a colour, and what comes near to it. */
final class ColourWording
{
    public static function told(Lab $lab): string
    {
        $told = Described::of($lab);
        $with = ['hue' => Say::it("colours.hue.{$told->hue->value}"), 'lightness' => Say::it("colours.lightness.{$told->lightness}"), 'strength' => Say::it("colours.strength.{$told->strength}")];

        return Say::it('colours.told.'.match (true) {
            $told->hue === Hue::Grey => 'grey', $told->hue->isNeutral() => 'plain', default => 'colour'
        }, $with);
    }

    public static function numbers(Lab $lab): string
    {
        return Say::it(Hue::of($lab)->isNeutral() ? 'colours.numbers of grey' : 'colours.numbers', ['l' => (string) round($lab->lightness), 'c' => (string) round($lab->chroma()), 'h' => (string) round($lab->hueAngle())]);
    }

    public static function laid(Laid $laid, Lab $wanted): string
    {
        $said = $laid->under === null
            ? Say::it('colours.alone', ['name' => $laid->upper->name, 'how' => Say::it($laid->lightly ? 'colours.how.lightly' : 'colours.how.firmly'), ...self::off($laid)])
            : Say::it('colours.two', ['upper' => $laid->upper->name, 'under' => $laid->under->name, 'how' => match (true) {
                $laid->lightly && $laid->underLightly => Say::it('colours.how.both lightly'), $laid->lightly => Say::it('colours.how.two lightly'), $laid->underLightly => Say::it('colours.how.under lightly'), default => ''
            }, ...self::off($laid)]);
        $by = (int) round($laid->seen->lab()->lightness - $wanted->lightness);

        return abs($by) < 4 ? $said : $said.' '.Say::it($by > 0 ? 'colours.reaches.lighter' : 'colours.reaches.darker', ['by' => abs($by)]);
    }

    /** @return list<array{Laid, string}> plain grey, and grey of two, each in words */
    public static function greys(Neutral $grey, float $lightness): array
    {
        $wanted = new Lab($lightness, 0.0, 0.0);
        $said = static fn (?Laid $laid, string $which): ?array => $laid === null ? null : [$laid, Say::it("colours.grey.{$which}", ['laid' => self::laid($laid, $wanted)])];

        return array_values(array_filter([$said($grey->plain, 'plain'), $said($grey->mixed, 'mixed')]));
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    public static function troubles(array $layers): array
    {
        return array_map(static fn (array $one): string => Say::it("colours.trouble.{$one[0]}", ['n' => $one[1] + 1]), Layers::troubles($layers));
    }

    /** @return array<string, string> */
    private static function off(Laid $laid): array
    {
        return ['likeness' => Say::it('colours.likeness.'.Likeness::of($laid->off)->value), 'off' => number_format($laid->off, 1, '.', '')];
    }
}
