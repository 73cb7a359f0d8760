<?php

declare(strict_types=1);

namespace InchLadder\Copying;

use InchLadder\Pixels\End;

/** What runs through one cell, with the hand's last word on it. */
final readonly class SeenInCell
{
    /**
     * @param  list<Run>  $runs
     * @param  list<array{Side, float}>  $set  crossings a hand put there, by side and share of it
     * @param  list<array{Side, float}>  $left  where contours crossed that are struck out here; the cells beyond may still have them
     */
    public function __construct(public array $runs, public array $set = [], public array $left = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->runs === [] && $this->set === [] && $this->left === [];
    }

    /**
     * A crossing is elsewhere, or is none, or is one.
     *
     * @param  array{float, float}|null  $was  as shares of the cell; beyond 0…1 it is another cell's
     * @param  array{float, float}|null  $now
     */
    public function withCrossing(?array $was, ?array $now): self
    {
        $to = $now === null ? null : self::onSide($now);
        $from = $was === null ? null : self::onSide($was);
        $meant = static fn (?Side $side, float $at): bool => $from !== null && $side === $from[0] && abs($at - $from[1]) < Figures::MEANS;
        $set = array_values(array_filter($this->set, static fn (array $one): bool => ! $meant(...$one)));
        [$wasSet, $found, $runs] = [count($set) < count($this->set), false, []];
        foreach ($this->runs as $run) {
            [$path, $in, $out, $last] = [$run->path, $run->in, $run->out, count($run->path) - 1];
            if ($in !== null && $meant($in, $in->isUpright() ? $path[0][1] : $path[0][0])) {
                [$found, $in] = [true, $to === null ? null : $in];
                $path = $to === null ? $path : self::led($path, $to[0]->point($to[1]), true);
            }
            if ($out !== null && $meant($out, $out->isUpright() ? $path[$last][1] : $path[$last][0])) {
                [$found, $out] = [true, $to === null ? null : $out];
                $path = $to === null ? $path : self::led($path, $to[0]->point($to[1]), false);
            }
            $runs[] = new Run($path, $in, $out, $in === null && $run->in !== null ? End::Fades : $run->starts, $out === null && $run->out !== null ? End::Fades : $run->ends, $run->contrast, $run->width, $run->whole, $run->byHand, $run->along);
        }
        if ($to !== null && ($wasSet || ! $found)) {
            $set[] = $to;
        }

        return new self($runs, $set, array_values(array_filter($this->left, static fn (array $one): bool => ! $meant(...$one))));
    }

    /**
     * A contour is none, or runs elsewhere, or is one.
     *
     * @param  array{float, float}|null  $was  a place on it, as shares of the cell
     * @param  list<Run>  $now
     */
    public function withContour(?array $was, array $now): self
    {
        if ($was === null || min($was) < 0 || max($was) > 1) {
            return new self([...$this->runs, ...$now], $this->set, $this->left);
        }
        [$meant, $nearest] = [null, Figures::MEANS];
        foreach ($this->runs as $i => $run) {
            foreach ($run->path as [$x, $y]) {
                $off = hypot($x - $was[0], $y - $was[1]);
                if ($off < $nearest) {
                    [$meant, $nearest] = [$i, $off];
                }
            }
        }

        $struck = $meant === null ? null : $this->runs[$meant];

        return new self([...array_values(array_diff_key($this->runs, $meant === null ? [] : [$meant => true])), ...$now], $this->set, [...$this->left, ...$struck?->crossings() ?? []]);
    }

    /**
     * Of what struck contours left at the sides, only what the cell beyond has as well: then nothing here leads to it.
     *
     * @param  \Closure(Side): ?self  $beyond  the cell beyond a side; null at the grid's edge
     */
    public function besides(\Closure $beyond): self
    {
        return new self($this->runs, $this->set, array_values(array_filter($this->left, static fn (array $left): bool => ($other = $beyond($left[0])) !== null && array_filter(
            array_merge(...array_map(static fn (Run $run): array => $run->crossings(), $other->runs)),
            static fn (array $one): bool => $one[0] === $left[0]->opposite() && abs($one[1] - $left[1]) < Figures::SAME_CROSSING,
        ) !== [])));
    }

    /**
     * The side a place lies on, and the share of it; null when it lies on none of this cell's.
     *
     * @param  array{float, float}  $at
     * @return array{Side, float}|null
     */
    private static function onSide(array $at): ?array
    {
        foreach (Side::cases() as $side) {
            $along = $side->isUpright() ? $at[1] : $at[0];
            if (abs($side->off(...$at)) < Figures::GRAZES && $along >= 0 && $along <= 1) {
                return [$side, $along];
            }
        }

        return null;
    }

    /**
     * A path with one of its ends elsewhere: the rest comes along, the less the farther it is.
     *
     * @param  non-empty-list<array{float, float}>  $path
     * @param  array{float, float}  $to
     * @return non-empty-list<array{float, float}>
     */
    private static function led(array $path, array $to, bool $start): array
    {
        $last = count($path) - 1;
        $end = $start ? $path[0] : $path[$last];
        [$dx, $dy] = [$to[0] - $end[0], $to[1] - $end[1]];

        return array_map(static function (int $i) use ($path, $last, $dx, $dy, $start): array {
            $share = $last === 0 ? 1.0 : ($start ? 1 - $i / $last : $i / $last);

            return [$path[$i][0] + $share * $dx, $path[$i][1] + $share * $dy];
        }, array_keys($path));
    }
}
