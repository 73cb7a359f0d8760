<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Checking\SpanOnPaper;
use InchLadder\Compare\Figures as CompareFigures;
use InchLadder\Compare\InProportion;
use InchLadder\Compare\Share;
use InchLadder\Compare\Verdict;
use InchLadder\Compare\Wanted;
use InchLadder\Copying\Side;
use InchLadder\Things\ThingInCrop;

/**
 * A named thing with others inside it, as a face has: what share of it each part takes and where it sits (placement),
 * and what is small in it, by ratio (expression). Each part stands for itself: left and right are never mirrored or averaged.
 */
final readonly class Features
{
    /**
     * @param  list<Share>  $shares  where each part sits and how large it is; what is farthest out first
     * @param  list<InProportion>  $ratios  what is small; what is farthest out first
     */
    private function __construct(public string $whole, public array $shares, public array $ratios)
    {
    }

    /**
     * @param  Verdict|null  $verdict  of a shot; null for what the photo alone tells
     * @param  list<Wanted>  $wanted  the places it judges
     * @param  array<int, float>  $lengths  lengths of Check as they came out, in mm, by their place among them
     * @return list<self> the largest whole first
     */
    public static function of(Plan $plan, ?Verdict $verdict = null, array $wanted = [], array $lengths = []): array
    {
        $things = array_values(array_filter($plan->things()->all, static fn (ThingInCrop $thing): bool => $thing->isInside()));
        usort($things, static fn (ThingInCrop $a, ThingInCrop $b): int => self::box($b) <=> self::box($a));
        $drawn = $verdict === null ? [] : self::drawn($plan, $verdict, $wanted);
        $found = [];
        foreach ($things as $whole) {
            $parts = array_values(array_filter($things, static fn (ThingInCrop $part): bool => $part !== $whole && self::holds($whole, $part)));
            count($parts) >= Figures::LEAST_PARTS && $found[] = self::whole($plan, $whole, $parts, $drawn, $lengths);
        }

        return $found;
    }

    /** @return list<Share> those that were measured and do not pass */
    public function misplaced(): array
    {
        return array_values(array_filter($this->shares, static fn (Share $one): bool => $one->drawn !== null && ! $one->passes));
    }

    /** @return list<InProportion> those that do not pass */
    public function unlike(): array
    {
        return array_values(array_filter($this->ratios, static fn (InProportion $one): bool => ! $one->passes));
    }

    public function isPlaced(): bool
    {
        return array_filter($this->shares, static fn (Share $one): bool => $one->drawn !== null) !== [];
    }

    /**
     * @param  list<ThingInCrop>  $parts
     * @param  array<string, array<string, float>>  $drawn
     * @param  array<int, float>  $lengths
     */
    private static function whole(Plan $plan, ThingInCrop $whole, array $parts, array $drawn, array $lengths): self
    {
        $area = $plan->layout->fitted->area;
        [$wide, $high] = [$area->width->toFloat(), $area->height->toFloat()];
        $percent = $plan->choices->subject->departurePercent() / 100;
        $own = $drawn[$whole->thing->name] ?? [];
        [$shares, $ratios] = [[], []];
        foreach ($parts as $part) {
            $out = $drawn[$part->thing->name] ?? [];
            foreach ([['width', 'left', 'right', $part->left, $part->right, $whole->left, $whole->right, $wide], ['height', 'above', 'below', $part->top, $part->bottom, $whole->top, $whole->bottom, $high]] as [$size, $before, $after, $from, $to, $start, $end, $side]) {
                $names = $size === 'width' ? ['left', 'right'] : ['top', 'bottom'];
                $mm = ($end - $start) * $side;
                // Half a millimetre is what a place is found to, whatever it is a share of.
                $least = CompareFigures::DOUBT * CompareFigures::FOUND * Comparison::stepBack($plan) / $mm;
                $seen = isset($own[$names[0]], $own[$names[1]]) && $own[$names[1]] - $own[$names[0]] > 1e-6 ? $own[$names[1]] - $own[$names[0]] : null;
                $share = static fn (?float $a, ?float $b): ?float => $seen === null || $a === null || $b === null ? null : ($b - $a) / $seen;
                $takes = ($to - $from) / ($end - $start);
                $allowed = max($percent * $takes, $least);
                $shares[] = new Share($part->thing->name, $size, $takes, $share($out[$names[0]] ?? null, $out[$names[1]] ?? null), $allowed);
                $shares[] = new Share($part->thing->name, $before, ($from - $start) / ($end - $start), $share($own[$names[0]] ?? null, $out[$names[0]] ?? null), $allowed);
                $shares[] = new Share($part->thing->name, $after, ($end - $to) / ($end - $start), $share($out[$names[1]] ?? null, $own[$names[1]] ?? null), $allowed);
            }
            if (count($out) === 4) {
                [$w, $h] = [$out['right'] - $out['left'], $out['bottom'] - $out['top']];
                [$u, $v] = [($part->right - $part->left) * $wide, ($part->bottom - $part->top) * $high];
                min($w, $h, $u, $v) > 1e-6 && $ratios[] = new InProportion($part->thing->name, true, $u / $v, $w / $h, max($percent, CompareFigures::DOUBT * CompareFigures::FOUND * Comparison::stepBack($plan) / min($u, $v)));
            }
        }
        $grown = self::grown($whole, $own, $wide, $high);
        foreach ($plan->layout->spans as $i => $span) {
            $on = SpanOnPaper::of($plan->layout, $span);
            $length = $lengths[$i] ?? $span->drawn?->toFloat();
            $wanted = $on->paper->toFloat();
            $ends = [[$on->x1->toFloat(), $on->y1->toFloat()], [$on->x2->toFloat(), $on->y2->toFloat()]];
            $inside = array_filter($ends, static fn (array $at): bool => $at[0] >= $whole->left && $at[0] <= $whole->right && $at[1] >= $whole->top && $at[1] <= $whole->bottom);
            if ($length !== null && count($inside) === 2 && $wanted <= Figures::SMALL * max(($whole->right - $whole->left) * $wide, ($whole->bottom - $whole->top) * $high)) {
                $ratios[] = new InProportion($span->name, false, $wanted, $length / $grown, max($percent, $plan->layout->notation->ruler->step->toFloat() / 2 / $wanted));
            }
        }
        $worth = static fn (Share $one): float => $one->drawn === null ? -1.0 : abs($one->drawn - $one->wanted) / max(1e-9, $one->tolerance);
        usort($shares, static fn (Share $a, Share $b): int => $worth($b) <=> $worth($a));
        usort($ratios, static fn (InProportion $a, InProportion $b): int => abs($b->off) <=> abs($a->off));

        return new self($whole->thing->name, $shares, $ratios);
    }

    /**
     * How much larger the whole itself is drawn; 1 where that was not measured.
     *
     * @param  array<string, float>  $own
     */
    private static function grown(ThingInCrop $whole, array $own, float $wide, float $high): float
    {
        $times = [];
        isset($own['left'], $own['right']) && $times[] = ($own['right'] - $own['left']) / (($whole->right - $whole->left) * $wide);
        isset($own['top'], $own['bottom']) && $times[] = ($own['bottom'] - $own['top']) / (($whole->bottom - $whole->top) * $high);
        $times = array_filter($times, static fn (float $one): bool => $one > 0.1);

        return $times === [] ? 1.0 : array_product($times) ** (1 / count($times));
    }

    /**
     * Where the extremes of things came out, in mm along the way they are extreme in; those that are sure.
     *
     * @param  list<Wanted>  $wanted
     * @return array<string, array<string, float>> by thing and side
     */
    public static function drawn(Plan $plan, Verdict $verdict, array $wanted): array
    {
        $sides = [];
        foreach ($wanted as $one) {
            $one->side === null || $sides[$one->key] = [$one->name, $one->side];
        }
        $drawn = [];
        foreach ($verdict->points as $judged) {
            $extreme = $sides[$judged->measured->name] ?? null;
            if ($extreme !== null && $judged->measured->sure) {
                [$name, $side] = $extreme;
                $drawn[$name][$side] = Side::from($side)->isUpright() ? $judged->measured->outX : $judged->measured->outY;
            }
        }

        $names = array_count_values(array_map(static fn (ThingInCrop $thing): string => $thing->thing->name, $plan->things()->all));

        // Two of one name are not told apart.
        return array_filter($drawn, static fn (string $name): bool => ($names[$name] ?? 0) === 1, ARRAY_FILTER_USE_KEY);
    }

    private static function box(ThingInCrop $thing): float
    {
        return ($thing->right - $thing->left) * ($thing->bottom - $thing->top);
    }

    private static function holds(ThingInCrop $whole, ThingInCrop $part): bool
    {
        $shared = max(0.0, min($whole->right, $part->right) - max($whole->left, $part->left)) * max(0.0, min($whole->bottom, $part->bottom) - max($whole->top, $part->top));

        return self::box($part) < Figures::PART * self::box($whole) && $shared >= Figures::HELD * self::box($part);
    }
}
