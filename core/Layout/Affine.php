<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Measure\Rational;

/**
 * A map of the plane that keeps straight lines straight and parallels parallel:
 * (x, y) → (a·x + b·y + c, d·x + e·y + f).
 *
 * Exact as long as its numbers are: turns by quarters, mirrorings, borders and crops lose nothing,
 * there and back.
 */
final readonly class Affine
{
    public function __construct(
        public Rational $a,
        public Rational $b,
        public Rational $c,
        public Rational $d,
        public Rational $e,
        public Rational $f,
    ) {
    }

    public static function identity(): self
    {
        return self::of(1, 0, 0, 0, 1, 0);
    }

    public static function of(Rational|int|string $a, Rational|int|string $b, Rational|int|string $c, Rational|int|string $d, Rational|int|string $e, Rational|int|string $f): self
    {
        return new self(...array_map(Rational::of(...), [$a, $b, $c, $d, $e, $f]));
    }

    /** From the shares of a box to what the box lies in. */
    public static function box(Rational $left, Rational $top, Rational $width, Rational $height): self
    {
        return self::of($width, 0, $left, 0, $height, $top);
    }

    /** @return array{Rational, Rational} */
    public function apply(Rational $x, Rational $y): array
    {
        return [
            $this->a->times($x)->plus($this->b->times($y))->plus($this->c),
            $this->d->times($x)->plus($this->e->times($y))->plus($this->f),
        ];
    }

    /**
     * Where a step leads to, wherever it is taken from.
     *
     * @return array{Rational, Rational}
     */
    public function step(Rational $across, Rational $down): array
    {
        return [$this->a->times($across)->plus($this->b->times($down)), $this->d->times($across)->plus($this->e->times($down))];
    }

    /** This map, and then the other. */
    public function then(self $next): self
    {
        [$a, $d] = $next->step($this->a, $this->d);
        [$b, $e] = $next->step($this->b, $this->e);
        [$c, $f] = $next->apply($this->c, $this->f);

        return new self($a, $b, $c, $d, $e, $f);
    }

    /** @throws \Brick\Math\Exception\DivisionByZeroException when it folds the plane into a line */
    public function inverse(): self
    {
        $area = $this->a->times($this->e)->minus($this->b->times($this->d));
        [$a, $b, $d, $e] = [$this->e->dividedBy($area), $this->b->negated()->dividedBy($area), $this->d->negated()->dividedBy($area), $this->a->dividedBy($area)];

        return new self(
            $a, $b, $a->times($this->c)->plus($b->times($this->f))->negated(),
            $d, $e, $d->times($this->c)->plus($e->times($this->f))->negated(),
        );
    }

    /**
     * A box carried over: its middle goes where it goes, its sides keep their length, and what lay across may run down
     * now. A box that comes to lean a little is set upright about its middle.
     *
     * @param  Rational  $ratio  width ÷ height of what it is carried to
     * @return array{Rational, Rational, Rational, Rational} left, top, width, height
     */
    public function carry(Rational $left, Rational $top, Rational $width, Rational $height, Rational $ratio): array
    {
        $half = Rational::nd(1, 2);
        [$x, $y] = $this->apply($left->plus($width->times($half)), $top->plus($height->times($half)));
        // In one measure for both axes: the other side's height.
        $long = static fn (Rational $across, Rational $down): Rational => match (true) {
            $down->isZero() => $across->abs()->times($ratio),
            $across->isZero() => $down->abs(),
            default => Rational::near(hypot($across->times($ratio)->toFloat(), $down->toFloat()), 9),
        };
        $sides = [$long(...$this->step($width, Rational::zero())), $long(...$this->step(Rational::zero(), $height))];
        [$wide, $high] = $this->swapsSides() ? array_reverse($sides) : $sides;
        $wide = $wide->dividedBy($ratio);

        return [$x->minus($wide->times($half)), $y->minus($high->times($half)), $wide, $high];
    }

    /** Whether what runs across comes out running down, rather than across. */
    public function swapsSides(): bool
    {
        return $this->d->abs()->isGreaterThan($this->a->abs());
    }

    public function isSame(self $other): bool
    {
        foreach (get_object_vars($this) as $name => $value) {
            if (! $value->isEqualTo($other->{$name})) {
                return false;
            }
        }

        return true;
    }

    /**
     * Its six numbers, for many points at once that need not be exact.
     *
     * @return array{float, float, float, float, float, float}
     */
    public function floats(): array
    {
        return [$this->a->toFloat(), $this->b->toFloat(), $this->c->toFloat(), $this->d->toFloat(), $this->e->toFloat(), $this->f->toFloat()];
    }
}
