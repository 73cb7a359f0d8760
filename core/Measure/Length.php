<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/**
 * An exact length, kept as a rational number of millimetres.
 *
 * Thirds and sevenths of an inch stay exact; rounding happens only where a
 * length is read off a ruler (see Graduation). May be negative: a difference is
 * a length too.
 */
final readonly class Length
{
    private function __construct(public Rational $mm)
    {
    }

    /** A length in millimetres: `38`, `"38.1"`, `"381/10"`. */
    public static function mm(Rational|int|string $millimetres): self
    {
        return new self(Rational::of($millimetres));
    }

    /** A length in inches: `5`, `"1.5"`, `"11/7"`. */
    public static function inches(Rational|int|string $inches): self
    {
        return self::of($inches, Unit::Inch);
    }

    public static function of(Rational|int|string $amount, Unit $unit): self
    {
        return new self(Rational::of($amount)->times($unit->millimetres()));
    }

    public static function zero(): self
    {
        return self::mm(0);
    }

    public static function larger(self $a, self $b): self
    {
        return $b->isLongerThan($a) ? $b : $a;
    }

    public static function smaller(self $a, self $b): self
    {
        return $a->isLongerThan($b) ? $b : $a;
    }

    public function plus(self $other): self
    {
        return new self($this->mm->plus($other->mm));
    }

    public function minus(self $other): self
    {
        return new self($this->mm->minus($other->mm));
    }

    public function times(Rational|int|string $factor): self
    {
        return new self($this->mm->times(Rational::of($factor)));
    }

    /** @throws \Brick\Math\Exception\DivisionByZeroException */
    public function dividedBy(Rational|int|string $divisor): self
    {
        return new self($this->mm->dividedBy(Rational::of($divisor)));
    }

    /**
     * This length as so many times another.
     *
     * @throws \Brick\Math\Exception\DivisionByZeroException when the other is zero
     */
    public function over(self $other): Rational
    {
        return $this->mm->dividedBy($other->mm);
    }

    public function in(Unit $unit): Rational
    {
        return $this->mm->dividedBy($unit->millimetres());
    }

    public function absolute(): self
    {
        return new self($this->mm->abs());
    }

    public function isLongerThan(self $other): bool
    {
        return $this->mm->isGreaterThan($other->mm);
    }

    public function equals(self $other): bool
    {
        return $this->mm->isEqualTo($other->mm);
    }

    public function isZero(): bool
    {
        return $this->mm->isZero();
    }

    public function isPositive(): bool
    {
        return $this->mm->isPositive();
    }

    /** Millimetres as a float, for drawing only; never for further sums. */
    public function toFloat(): float
    {
        return $this->mm->toFloat();
    }

    /** Millimetres as an exact fraction: `"381/10"`, `"254"`. */
    public function exact(): string
    {
        return (string) $this->mm;
    }
}
