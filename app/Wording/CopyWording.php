<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Copying\CellAnalysis;
use InchLadder\Copying\ContourTrace;
use InchLadder\Copying\Crossing;
use InchLadder\Copying\EarlyDetail;
use InchLadder\Copying\EdgeStretch;
use InchLadder\Copying\EyeFraction;
use InchLadder\Copying\Piece;
use InchLadder\Copying\Side;
use InchLadder\Copying\Standing;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;

/** Says where contours cross a cell and how they run through it. */
final class CopyWording
{
    /** More cells than this are counted, not named. */
    private const CELLS_NAMED = 6;

    /** `3/8`, `past 2/5`, `short of 1/2`; at either end, that end's name */
    public static function eye(EyeFraction $eye, Side $side): string
    {
        $fraction = $eye->nearest->fraction;
        $name = match (true) {
            $fraction->isZero() => self::start($side),
            $fraction->isEqualTo(1) => Say::it("copying.far ends.{$side->value}"),
            default => (string) $fraction,
        };

        return match (true) {
            $eye->isAsGoodAsIt() => $name,
            $eye->nearest->off->isNegative() => Say::it('copying.eye.short', ['fraction' => $name]),
            default => Say::it('copying.eye.past', ['fraction' => $name]),
        };
    }

    /** `41.3 %, 1.3 % of the side past 2/5` */
    public static function exactly(EyeFraction $eye): string
    {
        $percent = static fn (Rational $share): string => Fractions::places($share->times(100), 1).' %';
        $off = $percent($eye->nearest->off->abs());

        return $off === '0 %' ? $percent($eye->share) : Say::it(
            $eye->nearest->off->isNegative() ? 'copying.eye.exactly short' : 'copying.eye.exactly past',
            ['share' => $percent($eye->share), 'off' => $off, 'fraction' => (string) $eye->nearest->fraction],
        );
    }

    /** What runs more than a pass before the rest; null where nothing does. */
    public static function ahead(Standing $standing, Layout $layout): ?string
    {
        $cells = array_merge(...$standing->ahead);
        if ($cells === []) {
            return null;
        }
        $shown = array_slice($cells, 0, self::CELLS_NAMED);
        $named = array_map(static fn (int $cell): string => $layout->addresses->of($cell % $layout->grid->cells()->columns, intdiv($cell, $layout->grid->cells()->columns)), $shown);
        $more = count($cells) - count($shown);

        return Say::counted('copying.ahead', count($cells), ['cells' => $more === 0 ? Say::listed($named) : Say::counted('copying.ahead more', $more, ['cells' => implode(', ', $named)])]);
    }

    public static function early(EarlyDetail $early): string
    {
        $missing = array_filter([
            $early->unplaced === 0 ? '' : Say::counted('copying.early.cells', $early->unplaced),
            $early->boxes === [] ? '' : Say::counted('copying.early.boxes', count($early->boxes), ['boxes' => Say::listed($early->boxes)]),
        ]);

        return Say::it($early->isMild ? 'copying.early.mild' : 'copying.early.plain', ['missing' => ucfirst(implode('; ', $missing))]);
    }

    /** The end a side is measured from: `the left`. */
    public static function start(Side $side): string
    {
        return Say::it("copying.ends.{$side->value}");
    }

    /** `at 3/8 of the left side` */
    public static function place(Crossing $crossing): string
    {
        return Say::it($crossing->eye->isAsGoodAsIt() ? 'copying.place.at' : 'copying.place.near', ['eye' => self::eye($crossing->eye, $crossing->side), 'side' => Say::it("copying.side.{$crossing->side->value}")]);
    }

    /** Where a crossing is, for the eye and for the ruler; how wide it is, if a thin line crosses there. */
    public static function crossing(Crossing $crossing, Notation $notation): string
    {
        return implode(' ', array_filter([
            Say::it('copying.exactly', [
                'place' => ucfirst(self::place($crossing)), 'reading' => $notation->plain($crossing->paper->reading), 'end' => self::start($crossing->side), 'exactly' => self::exactly($crossing->eye),
            ]),
            $crossing->width === null ? '' : Say::it('copying.middle of', ['line' => self::line($crossing->width, $notation)]),
            $crossing->byHand ? Say::it('copying.by hand') : '',
        ]));
    }

    /** A crossing as it is called out: its side, its place for the eye, and for the ruler. */
    public static function aloud(Crossing $crossing, Notation $notation): string
    {
        return Say::it('copying.aloud', ['side' => Say::it("copying.side.{$crossing->side->value}"), 'eye' => self::eye($crossing->eye, $crossing->side), 'reading' => $notation->plain($crossing->paper->reading), 'end' => self::start($crossing->side)]);
    }

    /** `in at 3/8 of the left side, out past 2/5 of the right side; falls 12°, bulges up 1/8 in` */
    public static function contour(ContourTrace $contour, Notation $notation): string
    {
        $extremes = $contour->extremes;
        $facts = [
            'in' => $contour->in === null ? self::inside($contour->path[0]) : self::place($contour->in),
            'out' => $contour->out === null ? self::inside($contour->path[count($contour->path) - 1]) : self::place($contour->out),
            'course' => self::course($contour, $notation),
        ];
        $said = match (true) {
            $contour->along !== null => Say::it('copying.contour.along', ['side' => Say::it("copying.side.{$contour->along->value}"), ...$facts]),
            $extremes !== null && $contour->isClosed() => Say::it('copying.contour.shape', [
                'left' => self::share($extremes->left[0], 'across'), 'right' => self::share($extremes->right[0], 'across'), 'top' => self::share($extremes->top[1], 'down'), 'bottom' => self::share($extremes->bottom[1], 'down'),
            ]),
            $extremes !== null => Say::it('copying.contour.inside', $facts),
            $contour->out === null => Say::it("copying.contour.{$contour->ends->value}", $facts),
            default => Say::it('copying.contour.through', $facts),
        };

        return $contour->width === null ? $said : Say::it('copying.contour.line', ['line' => self::line($contour->width, $notation), 'said' => $said]);
    }

    /**
     * How hard a contour is, stretch by stretch, and where the line is best left out.
     *
     * @param  list<EdgeStretch>  $stretches
     */
    public static function strength(array $stretches): string
    {
        if (count($stretches) <= 1) {
            return $stretches === [] ? '' : Say::it("copying.strength.all.{$stretches[0]->strength->value}");
        }
        $all = $stretches[count($stretches) - 1]->to;
        $said = array_map(static fn (EdgeStretch $one): string => Say::it("copying.strength.part.{$one->strength->value}", ['share' => (int) round(100 * ($one->to - $one->from) / $all)]), $stretches);

        return ucfirst(implode(Say::it('copying.strength.then'), $said)).'.';
    }

    /** What is left unsaid in a cell: crossings that lead nowhere, contours that stop at a side. */
    public static function unsaid(CellAnalysis $cell): string
    {
        return implode(' ', array_filter([
            $cell->alone === [] ? '' : Say::counted('copying.unsaid.alone', count($cell->alone), ['places' => Say::listed(array_map(self::place(...), $cell->alone))]),
            $cell->stopping() === [] ? '' : Say::counted('copying.unsaid.stops', count($cell->stopping())),
        ]));
    }

    /** How a contour goes: `falls 12°, straight`; or piece by piece, if it is more than one */
    private static function course(ContourTrace $contour, Notation $notation): string
    {
        $pieces = $contour->pieces;
        if (count($pieces->all) === 1) {
            return Phrases::slope($contour->slope).', '.self::bow($pieces->all[0], $notation);
        }
        $said = [];
        foreach ($pieces->all as $i => $piece) {
            $to = $i === count($pieces->all) - 1 ? '' : Say::it(in_array($piece->to, $pieces->corners, true) ? 'copying.piece.corner' : 'copying.piece.to', ['at' => self::inside($piece->to)]);
            $said[] = self::bow($piece, $notation).$to;
        }

        return Say::it('copying.piece.several', ['count' => count($said), 'pieces' => implode(Say::it('copying.piece.then'), $said)]);
    }

    /** `straight`, `bulges up 1/8 in` */
    private static function bow(Piece $piece, Notation $notation): string
    {
        if ($piece->isStraight()) {
            return Say::it('copying.contour.straight');
        }
        $bulge = $notation->ruler->round(Length::mm(Rational::near(abs($piece->bulge))))->reading;
        $towards = ['towards' => Say::it("copying.towards.{$piece->towards}")];

        return $bulge->isZero() ? Say::it('copying.contour.hair', $towards) : Say::it('copying.contour.bulges', [...$towards, 'bulge' => $notation->plain($bulge)]);
    }

    /** `1/16 in`, or `a hair` */
    private static function line(Length $width, Notation $notation): string
    {
        $wide = $notation->ruler->round($width)->reading;

        return $wide->isZero() ? Say::it('copying.thin') : Say::it('copying.wide', ['width' => $notation->plain($wide)]);
    }

    /**
     * `1/4 across, past 1/2 down`
     *
     * @param  array{float, float}  $at  shares of the cell
     */
    private static function inside(array $at): string
    {
        return Say::it('copying.inside', ['across' => self::share($at[0], 'across'), 'down' => self::share($at[1], 'down')]);
    }

    /** @param  'across'|'down'  $way */
    private static function share(float $share, string $way): string
    {
        $eye = EyeFraction::of(Rational::near(max(0.0, min(1.0, $share))));
        $fraction = $eye->nearest->fraction;

        return match (true) {
            $fraction->isZero() => Say::it("copying.by.{$way}.start"),
            $fraction->isEqualTo(1) => Say::it("copying.by.{$way}.end"),
            $eye->isAsGoodAsIt() => Say::it("copying.share.{$way}.at", ['fraction' => (string) $fraction]),
            $eye->nearest->off->isNegative() => Say::it("copying.share.{$way}.short", ['fraction' => (string) $fraction]),
            default => Say::it("copying.share.{$way}.past", ['fraction' => (string) $fraction]),
        };
    }

    /** What is left, no more exact than it can be known: `about 35 min`, `about 2 1/2 h` */
    public static function takes(float $minutes): string
    {
        return match (true) {
            $minutes < 5 => Say::it('copying.takes.few'),
            $minutes < 57.5 => Say::it('copying.takes.minutes', ['minutes' => (int) (5 * round($minutes / 5))]),
            default => Say::it('copying.takes.hours', ['hours' => Fractions::mixed(Rational::nd((int) max(2, round($minutes / 30)), 2))]),
        };
    }
}
