<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rounded;

/**
 * Ticks of one edge measured back from the paper: a zero that moved (all are off by the same),
 * a stretch (each is off by more than the one before), and single slips told apart.
 *
 * The stretch is the median of the slopes between all pairs of ticks, the moved zero the median
 * of what remains (Theil 1950, Sen 1968): one slip, or two, cannot bend them.
 *
 * Two readings prove a moved zero when both are off by the same; anything else has two causes that fit
 * as well, and is told as it is, undecided.
 */
final readonly class MeasuredBack
{
    /**
     * @param  float  $step  the ruler's finest mark, in mm
     * @param  float  $moved  in mm: where the zero lies, to the right or down of where it should
     * @param  float  $stretch  length drawn ÷ length wanted, less 1
     * @param  list<array{int, float}>  $slips  line, and how far it is off beyond drift and stretch, in mm
     * @param  list<array{int, float}>  $undecided  line, and how far it is off, where the readings are too few to tell why
     */
    private function __construct(private float $step, public float $moved, public float $stretch, public array $slips, public array $undecided = [])
    {
    }

    /**
     * @param  array<int, array{Rounded, Length}>  $ticks  line => where it belongs, where it was measured; from the same zero
     * @param  Length  $graduation  the ruler's finest mark; what it cannot tell is no error
     */
    public static function of(array $ticks, Length $graduation): self
    {
        $step = $graduation->toFloat();
        // Against what is read there: a tick one mark of the ruler beside its reading is off by one, whichever way that was rounded.
        $off = array_map(static fn (array $tick): array => [$tick[0]->exact->toFloat(), $tick[1]->minus($tick[0]->reading)->toFloat()], $ticks);
        if (count($off) < 3) {
            return self::ofFew(array_map(static fn (array $tick): float => $tick[1], $off), $step);
        }
        $slopes = [];
        foreach ($off as $i => [$x, $error]) {
            foreach ($off as $j => [$other, $otherError]) {
                if ($j > $i && $other !== $x) {
                    $slopes[] = ($otherError - $error) / ($other - $x);
                }
            }
        }
        $stretch = self::median($slopes);
        $longest = max([0.0, ...array_column($off, 0)]);
        if (abs($stretch) * $longest <= $step) {
            $stretch = 0.0;
        }
        $rest = array_map(static fn (array $tick): float => $tick[1] - $stretch * $tick[0], $off);
        $moved = self::median(array_values($rest));
        if (abs($moved) <= $step / 2) {
            $moved = 0.0;
        }
        // Where all moved or drift, each was rounded on its own.
        $tells = $moved === 0.0 && $stretch === 0.0 ? $step / 2 : $step;
        $slips = [];
        foreach ($rest as $line => $error) {
            if (abs($error - $moved) > $tells) {
                $slips[] = [$line, $error - $moved];
            }
        }

        return new self($step, $moved, $stretch, $slips);
    }

    public function isTrue(): bool
    {
        return $this->moved === 0.0 && $this->stretch === 0.0 && $this->slips === [] && $this->undecided === [];
    }

    /** Whether a tick that is so many mm off is where it belongs, as far as the ruler can tell. */
    public function belongs(float $off): bool
    {
        return abs($off) <= $this->step / 2;
    }

    /** How far the stretch has put out a line, in mm, that belongs so far from the zero. */
    public function stretchedAt(Length $place): float
    {
        return abs($this->stretch) * $place->toFloat();
    }

    /** @param  array<int, float>  $errors  by line, in mm */
    private static function ofFew(array $errors, float $step): self
    {
        if (array_filter($errors, static fn (float $error): bool => abs($error) > $step / 2) === []) {
            return new self($step, 0.0, 0.0, []);
        }
        if (count($errors) > 1 && max($errors) - min($errors) <= $step) {
            return new self($step, array_sum($errors) / count($errors), 0.0, []);
        }

        return new self($step, 0.0, 0.0, [], array_map(static fn (int $line, float $error): array => [$line, $error], array_keys($errors), array_values($errors)));
    }

    /** @param  list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);
        $count = count($numbers);

        return match (true) {
            $count === 0 => 0.0,
            $count % 2 === 1 => $numbers[intdiv($count, 2)],
            default => ($numbers[$count / 2 - 1] + $numbers[$count / 2]) / 2,
        };
    }
}
