<?php

declare(strict_types=1);

namespace InchLadder\Measure;

use Brick\Math\BigInteger;
use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\Exception\DivisionByZeroException;
use Brick\Math\RoundingMode;

/**
 * An exact fraction in lowest terms.
 *
 * Machine integers as long as they last, `brick/math` beyond: a plan is some
 * thousand small fractions, and dragging must be answered within a frame.
 */
final readonly class Rational implements \Stringable
{
    /** @param  BigRational|null  $big the value when it does not fit; the integers are then unused */
    private function __construct(private int $top, private int $bottom, private ?BigRational $big = null)
    {
    }

    /**
     * `3`, `"1.5"`, `"11/7"`.
     *
     * @throws \Brick\Math\Exception\MathException when it is no number
     */
    public static function of(self|BigNumber|int|string $number): self
    {
        return match (true) {
            $number instanceof self => $number,
            is_int($number) => new self($number, 1),
            is_string($number) && preg_match('~^(-?\d{1,9})(?:\.(\d{1,9})|/(\d{1,9}))?$~', $number, $found) === 1 => isset($found[3])
                ? self::reduced((int) $found[1], (int) $found[3])
                : self::reduced((int) ($found[1].($found[2] ?? '')), 10 ** strlen($found[2] ?? '')),
            default => self::narrow(BigRational::of($number)),
        };
    }

    /** The nearest decimal of so many places to a number that was measured or read off pixels, and is not exact anyway. */
    public static function near(float $number, int $places = 6): self
    {
        return self::of(number_format($number, $places, '.', ''));
    }

    /** @throws DivisionByZeroException */
    public static function nd(int $top, int $bottom): self
    {
        return self::reduced($top, $bottom);
    }

    public static function zero(): self
    {
        return new self(0, 1);
    }

    public static function one(): self
    {
        return new self(1, 1);
    }

    public static function larger(self $a, self $b): self
    {
        return $a->compareTo($b) >= 0 ? $a : $b;
    }

    public static function smaller(self $a, self $b): self
    {
        return $a->compareTo($b) <= 0 ? $a : $b;
    }

    public function plus(self|int $that): self
    {
        $that = $that instanceof self ? $that : new self($that, 1);
        if ($this->big === null && $that->big === null) {
            $top = $this->top * $that->bottom + $that->top * $this->bottom;
            $bottom = $this->bottom * $that->bottom;
            if (self::fit($top, $bottom)) {
                return self::reduced($top, $bottom);
            }
        }

        return self::narrow($this->big()->plus($that->big()));
    }

    public function minus(self|int $that): self
    {
        return $this->plus(($that instanceof self ? $that : new self($that, 1))->negated());
    }

    public function times(self|int $that): self
    {
        $that = $that instanceof self ? $that : new self($that, 1);
        if ($this->big === null && $that->big === null) {
            $top = $this->top * $that->top;
            $bottom = $this->bottom * $that->bottom;
            if (self::fit($top, $bottom)) {
                return self::reduced($top, $bottom);
            }
        }

        return self::narrow($this->big()->multipliedBy($that->big()));
    }

    /** @throws DivisionByZeroException */
    public function dividedBy(self|int $that): self
    {
        return $this->times(($that instanceof self ? $that : new self($that, 1))->reciprocal());
    }

    /** @throws DivisionByZeroException */
    public function reciprocal(): self
    {
        return match (true) {
            $this->big !== null => self::narrow($this->big->reciprocal()),
            $this->top > 0 => new self($this->bottom, $this->top),
            default => self::reduced($this->bottom, $this->top),
        };
    }

    public function negated(): self
    {
        return $this->big === null && $this->top !== PHP_INT_MIN ? new self(-$this->top, $this->bottom) : self::narrow($this->big()->negated());
    }

    public function abs(): self
    {
        return $this->isNegative() ? $this->negated() : $this;
    }

    /** −1, 0 or 1 as this is less than, equal to or greater than the other. */
    public function compareTo(self|int $that): int
    {
        $that = $that instanceof self ? $that : new self($that, 1);
        if ($this->big === null && $that->big === null) {
            $left = $this->top * $that->bottom;
            $right = $that->top * $this->bottom;
            if (self::fit($left, $right)) {
                return $left <=> $right;
            }
        }

        return $this->big()->compareTo($that->big());
    }

    public function isEqualTo(self|int $that): bool
    {
        return $this->compareTo($that) === 0;
    }

    public function isGreaterThan(self|int $that): bool
    {
        return $this->compareTo($that) > 0;
    }

    public function isLessThan(self|int $that): bool
    {
        return $this->compareTo($that) < 0;
    }

    public function isZero(): bool
    {
        return $this->big === null && $this->top === 0;
    }

    public function isPositive(): bool
    {
        return $this->big === null ? $this->top > 0 : $this->big->isPositive();
    }

    public function isNegative(): bool
    {
        return $this->big === null ? $this->top < 0 : $this->big->isNegative();
    }

    public function isWhole(): bool
    {
        return $this->big === null ? $this->bottom === 1 : $this->big->getDenominator()->isEqualTo(1);
    }

    /** The largest whole number not above this. */
    public function floor(): int
    {
        return $this->big === null ? self::floored($this->top, $this->bottom) : $this->big->toScale(0, RoundingMode::FLOOR)->toInt();
    }

    /** The smallest whole number not below this. */
    public function ceiling(): int
    {
        return $this->big === null ? -self::floored(-$this->top, $this->bottom) : $this->big->toScale(0, RoundingMode::CEILING)->toInt();
    }

    /** The nearest whole number; halves go up. */
    public function round(): int
    {
        if ($this->big === null && abs($this->top) < 1 << 60 && $this->bottom < 1 << 60) {
            return self::floored(2 * $this->top + $this->bottom, 2 * $this->bottom);
        }

        return $this->plus(self::nd(1, 2))->floor();
    }

    /**
     * The whole part and what is left over it, both of the size alone.
     *
     * @return array{int, self}
     */
    public function split(): array
    {
        if ($this->big !== null) {
            $whole = $this->abs()->floor();

            return [$whole, $this->abs()->minus($whole)];
        }
        $top = abs($this->top);

        // What is left over has no factor in common with the denominator that the whole had not.
        return [intdiv($top, $this->bottom), new self($top % $this->bottom, $this->bottom)];
    }

    /** Whether its denominator is larger than this. */
    public function isFinerThan(int $parts): bool
    {
        return $this->big === null ? $this->bottom > $parts : $this->big->getDenominator()->isGreaterThan($parts);
    }

    /** A decimal rounded to so many places, halves away from zero: `1.250`. */
    public function toScale(int $places): string
    {
        $units = 10 ** $places;
        $scaled = $this->times($units)->abs();
        if ($scaled->big !== null) {
            return (string) $this->big()->toScale($places, RoundingMode::HALF_UP);
        }
        $rounded = $scaled->round();
        $digits = str_pad((string) $rounded, $places + 1, '0', STR_PAD_LEFT);

        return ($this->isNegative() && $rounded !== 0 ? '-' : '').substr($digits, 0, strlen($digits) - $places).($places === 0 ? '' : '.'.substr($digits, -$places));
    }

    /** For drawing only; never for further sums. */
    public function toFloat(): float
    {
        return $this->big === null ? $this->top / $this->bottom : $this->big->toFloat();
    }

    /** `"381/10"`, `"254"` */
    public function __toString(): string
    {
        return match (true) {
            $this->big !== null => (string) $this->big,
            $this->bottom === 1 => (string) $this->top,
            default => "{$this->top}/{$this->bottom}",
        };
    }

    private static function floored(int $top, int $bottom): int
    {
        return intdiv($top, $bottom) - ($top < 0 && $top % $bottom !== 0 ? 1 : 0);
    }

    /** Whether two products are integers still: PHP makes a float of one that overflows. */
    private static function fit(int|float $a, int|float $b): bool
    {
        return is_int($a) && is_int($b);
    }

    private function big(): BigRational
    {
        return $this->big ?? BigRational::nd($this->top, $this->bottom);
    }

    /** In lowest terms by Euclid's algorithm, with the sign above. */
    private static function reduced(int $top, int $bottom): self
    {
        if ($bottom === 0) {
            throw DivisionByZeroException::divisionByZero();
        }
        if ($bottom === 1) {
            return new self($top, 1);
        }
        [$a, $b] = [$top, $bottom];
        while ($b !== 0) {
            // Not as a pair: an array made at every step takes longer than the division.
            $rest = $a % $b;
            $a = $b;
            $b = $rest;
        }
        if ($a === -1 && ($top === PHP_INT_MIN || $bottom === PHP_INT_MIN)) {
            return new self(0, 1, BigRational::nd($top, $bottom));
        }
        if (($a < 0) !== ($bottom < 0)) {
            $a = -$a;
        }

        return new self(intdiv($top, $a), intdiv($bottom, $a));
    }

    private static function narrow(BigRational $big): self
    {
        $big = $big->simplified();
        $fits = static fn (BigInteger $part): bool => $part->getBitLength() < 63;

        return $fits($big->getNumerator()) && $fits($big->getDenominator())
            ? new self($big->getNumerator()->toInt(), $big->getDenominator()->toInt())
            : new self(0, 1, $big);
    }
}
