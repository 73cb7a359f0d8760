<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Compare\InProportion;
use InchLadder\Compare\Share;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;
use InchLadder\Photo\Subject;
use InchLadder\Plan\Features;

/** Placement and expression, part by part, as two verdicts. */
final readonly class FeatureWording
{
    /** Parts named in a verdict; the table has the others. */
    private const NAMED = 2;

    public function __construct(private Subject $subject)
    {
    }

    public function placement(Features $features): string
    {
        $out = array_slice(array_map(fn (Share $one): string => $this->out($one, $features->whole), $features->misplaced()), 0, self::NAMED);

        return Say::it(match (true) {
            ! $features->isPlaced() => 'features.placement.open',
            $out === [] => 'features.placement.right',
            default => 'features.placement.out',
        }, ['whole' => $features->whole, 'out' => Say::listed($out)]);
    }

    public function expression(Features $features): string
    {
        $out = array_slice(array_map($this->unlike(...), $features->unlike()), 0, self::NAMED);
        $kind = in_array($this->subject, [Subject::Likeness, Subject::Figure], true) ? 'expression' : 'shape';

        return Say::it(match (true) {
            $features->ratios === [] => "features.small.open.{$kind}",
            $out === [] => 'features.small.right',
            default => 'features.small.out',
        }, ['what' => Say::it("features.{$kind}"), 'out' => Say::listed($out)]);
    }

    /** `width of “left eye”` */
    public static function named(Share $share): string
    {
        return Say::it("features.of.{$share->of}", ['part' => $share->part]);
    }

    public static function small(InProportion $ratio): string
    {
        return Say::it($ratio->isShape ? 'features.of.shape' : 'features.of.length', ['part' => $ratio->name]);
    }

    public static function percent(float $share): string
    {
        return Fractions::places(Rational::near(100 * $share, 1), 1).' %';
    }

    public static function ratio(InProportion $ratio, float $value): string
    {
        return $ratio->isShape ? Fractions::places(Rational::near($value, 2), 2).' : 1' : Fractions::places(Rational::near($value / $ratio->wanted, 2), 2).'×';
    }

    private function out(Share $share, string $whole): string
    {
        $more = (float) $share->drawn > $share->wanted;

        return Say::it('features.out.'.($share->isSize() ? $share->of : 'room').($more ? '.more' : '.less'), ['part' => $share->part, 'whole' => $whole, 'side' => Say::it("features.side.{$share->of}"), 'percent' => self::percent(abs($share->isSize() ? (float) $share->off : (float) $share->drawn - $share->wanted))]);
    }

    private function unlike(InProportion $ratio): string
    {
        return Say::it('features.unlike.'.($ratio->isShape ? 'shape' : 'length').($ratio->off > 0 ? '.more' : '.less'), ['part' => $ratio->name, 'percent' => self::percent(abs($ratio->off))]);
    }
}
