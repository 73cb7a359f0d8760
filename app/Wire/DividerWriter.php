<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\LengthJson;
use App\Wire\Json\SetDividersJson;
use App\Wording\Say;
use App\Wording\Writing;
use InchLadder\Fit\Dividers;
use InchLadder\Fit\Pivot;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;

/** Writes where dividers are set for a ratio. */
final readonly class DividerWriter
{
    private Notation $notation;

    public function __construct(Unit $unit)
    {
        $this->notation = new Notation($unit, $unit->commonRuler());
    }

    /** @param  Rational  $ratio  paper ÷ photo, over 0 */
    public function divider(Length $length, Rational $ratio): SetDividersJson
    {
        $pivot = Pivot::of($ratio, $length, $this->notation->ruler);
        $nearest = Dividers::nearest($ratio);
        $percent = 100 * ($nearest->dividedBy($ratio)->toFloat() - 1);
        $makes = ['smaller', 'same', 'larger'][$ratio->compareTo(1) + 1];
        $named = self::ratio($ratio);

        return new SetDividersJson(
            (string) $ratio,
            LengthJson::onRuler($length, $this->notation),
            LengthJson::of($pivot->fromShortEnd, $this->notation),
            round($pivot->fromShortEnd->exact->toFloat(), 3),
            ['smaller' => 'long', 'same' => 'either', 'larger' => 'short'][$makes],
            (string) $nearest,
            round($percent, 2),
            array_values(array_filter([
                Say::it('dividers.pivot', ['ratio' => $named, 'length' => $this->notation->plain($length), 'pivot' => $this->notation->plain($pivot->fromShortEnd->reading)]),
                self::rounded($pivot),
                Say::it("dividers.ends.{$makes}"),
                $nearest->isEqualTo($ratio) ? Say::it('dividers.marked', ['setting' => self::ratio($nearest)]) : Say::it('dividers.nearest', [
                    'setting' => self::ratio($nearest), 'percent' => Fractions::places(Rational::near(abs($percent), 1), 1), 'way' => Say::it($percent > 0 ? 'dividers.larger' : 'dividers.smaller'), 'ratio' => $named,
                ]),
                Say::it('dividers.check', ['ratio' => Fractions::mixed($ratio)]),
                Say::it('cautions.points'),
            ])),
        );
    }

    /** What a pivot that was set by the ruler makes of a drawing; null where the ruler reads it as it is. */
    public static function rounded(Pivot $pivot): ?string
    {
        return $pivot->error->isZero() ? null : Say::it('dividers.rounded', [
            'percent' => Writing::percent($pivot->error->abs(), 2), 'way' => Say::it('dividers.'.($pivot->error->isPositive() ? 'larger' : 'smaller')), 'makes' => Fractions::places($pivot->makes, 3),
        ]);
    }

    /** `3 : 2` */
    private static function ratio(Rational $ratio): string
    {
        [$over, $under] = [...explode('/', (string) $ratio), '1'];

        return "{$over} : {$under}";
    }
}
