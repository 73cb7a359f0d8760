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
use InchLadder\Measure\Rational;
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
        [$shares, $ratios] = [[], self::small($plan, $whole, $drawn[$whole->thing->name] ?? [], $lengths)];
        foreach ($parts as $part) {
            array_push($shares, ...self::shares($plan, $whole, $part, $drawn));
            $shape = self::shape($plan, $part, $drawn[$part->thing->name] ?? []);
            $shape === null || $ratios[] = $shape;
        }
        $worth = static fn (Share $one): float => $one->drawn === null ? -1.0 : abs($one->drawn - $one->wanted) / max(1e-9, $one->tolerance);
        usort($shares, static fn (Share $a, Share $b): int => $worth($b) <=> $worth($a));
        usort($ratios, static fn (InProportion $a, InProportion $b): int => abs($b->off) <=> abs($a->off));

        return new self($whole->thing->name, $shares, $ratios);
    }

    /**
     * How large a part is of the whole, across and down, and the room on either side of it.
     *
     * @param  array<string, array<string, float>>  $drawn
     * @return list<Share>
     */
    private static function shares(Plan $plan, ThingInCrop $whole, ThingInCrop $part, array $drawn): array
    {
        $area = $plan->layout->fitted->area;
        [$own, $out] = [$drawn[$whole->thing->name] ?? [], $drawn[$part->thing->name] ?? []];
        $shares = [];
        foreach ([['width', 'left', 'right', 'left', 'right', $area->width], ['height', 'above', 'below', 'top', 'bottom', $area->height]] as [$size, $before, $after, $first, $last, $side]) {
            [$from, $to, $start, $end] = [$part->{$first}, $part->{$last}, $whole->{$first}, $whole->{$last}];
            $seen = isset($own[$first], $own[$last]) && $own[$last] - $own[$first] > 1e-6 ? $own[$last] - $own[$first] : null;
            $share = static fn (?float $a, ?float $b): ?float => $seen === null || $a === null || $b === null ? null : ($b - $a) / $seen;
            $takes = ($to - $from) / ($end - $start);
            $allowed = self::allowed($plan, $takes, ($end - $start) * $side->toFloat());
            $shares[] = new Share($part->thing->name, $size, $takes, $share($out[$first] ?? null, $out[$last] ?? null), $allowed);
            $shares[] = new Share($part->thing->name, $before, ($from - $start) / ($end - $start), $share($own[$first] ?? null, $out[$first] ?? null), $allowed);
            $shares[] = new Share($part->thing->name, $after, ($end - $to) / ($end - $start), $share($out[$last] ?? null, $own[$last] ?? null), $allowed);
        }

        return $shares;
    }

    /**
     * How wide a part is for its height; null where not all of it was measured.
     *
     * @param  array<string, float>  $out
     */
    private static function shape(Plan $plan, ThingInCrop $part, array $out): ?InProportion
    {
        if (count($out) < 4) {
            return null;
        }
        $area = $plan->layout->fitted->area;
        [$wide, $high] = [$out['right'] - $out['left'], $out['bottom'] - $out['top']];
        [$wanted, $tall] = [($part->right - $part->left) * $area->width->toFloat(), ($part->bottom - $part->top) * $area->height->toFloat()];

        return min($wide, $high, $wanted, $tall) <= 1e-6 ? null : new InProportion($part->thing->name, true, $wanted / $tall, $wide / $high, self::allowed($plan, 1.0, min($wanted, $tall)));
    }

    /**
     * Lengths of Check that lie within the whole and are small in it.
     *
     * @param  array<string, float>  $own
     * @param  array<int, float>  $lengths
     * @return list<InProportion>
     */
    private static function small(Plan $plan, ThingInCrop $whole, array $own, array $lengths): array
    {
        $area = $plan->layout->fitted->area;
        [$wide, $high] = [$area->width->toFloat(), $area->height->toFloat()];
        $most = Figures::SMALL * max(($whole->right - $whole->left) * $wide, ($whole->bottom - $whole->top) * $high);
        $grown = self::grown($whole, $own, $wide, $high);
        $isInside = static fn (Rational $x, Rational $y): bool => $x->toFloat() >= $whole->left && $x->toFloat() <= $whole->right && $y->toFloat() >= $whole->top && $y->toFloat() <= $whole->bottom;
        $small = [];
        foreach ($plan->layout->spans as $i => $span) {
            $on = SpanOnPaper::of($plan->layout, $span);
            $length = $lengths[$i] ?? $span->drawn?->toFloat();
            $wanted = $on->paper->toFloat();
            if ($length !== null && $wanted <= $most && $isInside($on->x1, $on->y1) && $isInside($on->x2, $on->y2)) {
                $small[] = new InProportion($span->name, false, $wanted, $length / $grown, max($plan->choices->subject->departurePercent() / 100, $plan->layout->notation->ruler->step->toFloat() / 2 / $wanted));
            }
        }

        return $small;
    }

    /**
     * What a share may be out by: what the subject allows of it, and at least what a place is found to, whatever it is a share of.
     *
     * @param  float  $mm  of the whole that it is a share of
     */
    private static function allowed(Plan $plan, float $share, float $mm): float
    {
        return max($plan->choices->subject->departurePercent() / 100 * $share, CompareFigures::DOUBT * CompareFigures::FOUND * Comparison::stepBack($plan) / $mm);
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
