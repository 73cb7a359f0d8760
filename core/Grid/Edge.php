<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Measure\Rational;

/** How one side is divided: fractions 0 = u₀ < u₁ < … < uₙ = 1 (or of a part of the side only), and which parts are only partial. */
final readonly class Edge
{
    /**
     * @param  non-empty-list<Rational>  $fractions
     * @param  list<int>  $partial  0-based
     * @param  Rational  $covered  share of the side that is divided; what is beyond is dropped, half at either end
     * @param  bool  $even  known to be of equal parts by how it was made; asked of every grid that is dragged
     */
    private function __construct(public array $fractions, public array $partial, public Rational $covered, private bool $even = false)
    {
    }

    public static function even(int $count): self
    {
        return new self(array_map(static fn (int $i): Rational => Rational::nd($i, $count), range(0, $count)), [], Rational::one(), even: true);
    }

    /**
     * At places of the artist's own; the ends are added, and what lies on or beyond them is left out.
     *
     * @param  list<Rational>  $places  in any order
     * @param  'columns'|'rows'  $which
     *
     * @throws CountOutOfRange
     */
    public static function at(array $places, string $which = 'columns'): self
    {
        $inside = array_filter($places, static fn (Rational $place): bool => $place->isPositive() && $place->isLessThan(1));
        usort($inside, static fn (Rational $a, Rational $b): int => $a->compareTo($b));
        $fractions = [Rational::zero()];
        foreach ([...$inside, Rational::one()] as $place) {
            if (! $place->isEqualTo($fractions[count($fractions) - 1])) {
                $fractions[] = $place;
            }
        }
        if (count($fractions) - 1 > Cells::MOST) {
            throw CountOutOfRange::of($which, count($fractions) - 1);
        }

        return new self($fractions, [], Rational::one());
    }

    /**
     * In steps of one size.
     *
     * @param  Rational  $step  share of the side, over 0
     * @param  'columns'|'rows'  $which
     *
     * @throws CountOutOfRange
     */
    public static function steps(Rational $step, Remainder $remainder, string $which): self
    {
        $whole = $step->reciprocal()->floor();
        $rest = Rational::one()->minus($step->times($whole));
        if ($whole < 1) {
            // One square is longer than the side: a single row or column, cut short.
            return self::even(1);
        }
        if ($whole > Cells::MOST) {
            throw CountOutOfRange::of($which, $whole);
        }
        if ($rest->isZero() || $remainder === Remainder::Drop) {
            return new self(self::even($whole)->fractions, [], Rational::one()->minus($rest), even: true);
        }
        if ($remainder === Remainder::Absorb) {
            return self::even(max(1, $step->reciprocal()->round()));
        }
        $first = $remainder === Remainder::Share ? $rest->dividedBy(2) : Rational::zero();
        $fractions = $remainder === Remainder::Share ? [Rational::zero()] : [];
        for ($i = 0; $i <= $whole; $i++) {
            $fractions[] = $first->plus($step->times($i));
        }
        $fractions[] = Rational::one();
        $last = count($fractions) - 2;
        if ($last + 1 > Cells::MOST) {
            throw CountOutOfRange::of($which, $last + 1);
        }

        return new self($fractions, $remainder === Remainder::Share ? [0, $last] : [$last], Rational::one());
    }

    /**
     * The same division over a part of the side only; what a dropped remainder leaves stays free at either end of it.
     *
     * @param  Rational  $start  share of the side before the part
     * @param  Rational  $length  share of the side that the part takes, in (0, 1]
     */
    public function within(Rational $start, Rational $length): self
    {
        $free = $length->times(Rational::one()->minus($this->covered))->dividedBy(2);
        $divided = $length->times($this->covered);

        return new self(array_map(static fn (Rational $share): Rational => $start->plus($free)->plus($share->times($divided)), $this->fractions), $this->partial, Rational::one(), $this->even);
    }

    public function parts(): int
    {
        return count($this->fractions) - 1;
    }

    /** Which part a place lies in; the far end belongs to the last. */
    public function partAt(float $share): int
    {
        $index = 0;
        while ($index < $this->parts() - 1 && $share >= $this->fractions[$index + 1]->toFloat()) {
            $index++;
        }

        return $index;
    }

    public function isPartial(int $part): bool
    {
        return in_array($part, $this->partial, true);
    }

    /** The part that is too narrow to be a cell; null where there is none. */
    public function sliver(): ?int
    {
        $whole = $this->span($this->firstWhole());
        foreach ($this->partial as $part) {
            if ($this->span($part)->isLessThan($whole->times(Rational::of(Figures::SLIVER)))) {
                return $part;
            }
        }

        return null;
    }

    public function hasPartial(): bool
    {
        return $this->partial !== [];
    }

    /** Share of the side that a part takes. */
    public function span(int $part): Rational
    {
        return $this->fractions[$part + 1]->minus($this->fractions[$part]);
    }

    /** The first part that is a whole one. */
    public function firstWhole(): int
    {
        return $this->isPartial(0) && $this->parts() > 1 ? 1 : 0;
    }

    /** The longest part, as a share of the side. */
    public function widest(): Rational
    {
        return array_reduce(range(0, $this->parts() - 1), fn (Rational $most, int $part): Rational => Rational::larger($most, $this->span($part)), Rational::zero());
    }

    /** Whether all parts but the partial ones are as long as each other. */
    public function isRegular(): bool
    {
        if ($this->even) {
            return true;
        }
        $step = $this->span($this->firstWhole());
        for ($part = 0; $part < $this->parts(); $part++) {
            if (! $this->isPartial($part) && ! $this->span($part)->isEqualTo($step)) {
                return false;
            }
        }

        return true;
    }
}
