<?php

declare(strict_types=1);

namespace InchLadder\Plan;

use InchLadder\Compare\Figures as CompareFigures;
use InchLadder\Compare\Flattening;
use InchLadder\Compare\Judged;
use InchLadder\Compare\LineMap;
use InchLadder\Compare\Matcher;
use InchLadder\Compare\Measured;
use InchLadder\Compare\Motion;
use InchLadder\Compare\TellingPlaces;
use InchLadder\Compare\Tolerance;
use InchLadder\Compare\Verdict;
use InchLadder\Compare\Wanted;
use InchLadder\Copying\Side;
use InchLadder\Things\ThingInCrop;

/** What of a plan a drawing is judged by, and the verdict on where it came out. */
final readonly class Comparison
{
    /** @param  list<Wanted>  $wanted */
    private function __construct(private Plan $plan, public array $wanted)
    {
    }

    /**
     * @param  list<list<array{float, float}>>  $contours  of the picture, place after place of each, in shares of the crop
     */
    public static function of(Plan $plan, array $contours): self
    {
        $marked = self::marked($plan);

        return count($marked) < Figures::ENOUGH_MARKED ? self::everywhere($plan, $contours) : new self($plan, $marked);
    }

    /**
     * What the artist marked, and where contours turn, however much is marked.
     *
     * @param  list<list<array{float, float}>>  $contours  as above
     */
    public static function everywhere(Plan $plan, array $contours): self
    {
        $wanted = $marked = self::marked($plan);
        $area = $plan->layout->fitted->area;
        $back = self::stepBack($plan);
        [$wide, $high] = [$area->width->toFloat() / $back, $area->height->toFloat() / $back];
        $lines = Matcher::sampled(array_map(static fn (array $contour): array => array_map(static fn (array $at): array => [$at[0] * $wide, $at[1] * $high], $contour), $contours));
        foreach (TellingPlaces::of($lines, $wide, $high) as [$x, $y]) {
            $near = array_filter($marked, static fn (Wanted $one): bool => hypot($one->x * $wide - $x, $one->y * $high - $y) < Figures::BESIDE_MARKED);
            $near === [] && $wanted[] = self::chosen($plan, $x / $wide, $y / $high, $wanted);
        }

        return new self($plan, $wanted);
    }

    /**
     * Places that are given, and the drawing's own beside them.
     *
     * @param  list<Wanted>  $given
     */
    public static function with(Plan $plan, array $given): self
    {
        $keys = array_map(static fn (Wanted $one): string => $one->key, $given);

        return new self($plan, [...$given, ...array_values(array_filter(self::marked($plan), static fn (Wanted $one): bool => ! in_array($one->key, $keys, true)))]);
    }

    /**
     * Key points and the extremes of what was traced, as far as they lie in the crop.
     *
     * @return list<Wanted>
     */
    public static function marked(Plan $plan): array
    {
        $things = $plan->things()->all;
        $wanted = [];
        foreach ($plan->layout->points() as $placed) {
            $placed->isInside() && $wanted[] = self::wanted($plan, $things, $placed->point->name, $placed->point->name, null, $placed->x->toFloat(), $placed->y->toFloat(), $placed->point->critical);
        }
        foreach ($things as $thing) {
            foreach ($thing->thing->boxed ? [] : Side::cases() as $side) {
                [$x, $y] = $thing->extreme($side);
                min($x, $y) >= 0 && max($x, $y) <= 1 && $wanted[] = self::wanted($plan, $things, "{$thing->thing->name}, {$side->value}", $thing->thing->name, $side->value, $x, $y);
            }
        }
        $keys = [];
        foreach ($wanted as $i => $one) {
            // Two of one name are told apart by a number.
            for ([$key, $n] = [$one->key, 1]; isset($keys[$key]); $key = "{$one->key} ".++$n);
            $keys[$key] = true;
            $wanted[$i] = $key === $one->key ? $one : $one->called($key);
        }

        return $wanted;
    }

    /**
     * A place of its own, in shares of the crop.
     *
     * @param  list<ThingInCrop>  $things
     */
    public static function wanted(Plan $plan, array $things, string $key, string $name, ?string $side, float $x, float $y, bool $critical = false): Wanted
    {
        $area = $plan->layout->fitted->area;
        $round = array_filter($things, static fn (ThingInCrop $thing): bool => $thing->covers($x, $y) || $side !== null && $thing->thing->name === $name);
        $long = static fn (ThingInCrop $thing): float => max(($thing->right - $thing->left) * $area->width->toFloat(), ($thing->bottom - $thing->top) * $area->height->toFloat());
        usort($round, static fn (ThingInCrop $a, ThingInCrop $b): int => $long($a) <=> $long($b));

        return new Wanted(
            $key, $name, $side, $x, $y,
            Tolerance::of($plan->layout, $plan->choices->subject->departurePercent(), $round === [] ? null : $long($round[0])),
            array_map(static fn (ThingInCrop $thing): string => $thing->thing->name, $round),
            $plan->choices->meant[$key] ?? null,
            $critical,
        );
    }

    /**
     * @param  array<string, array{float, float, bool, bool}>  $places  where each came out, in mm of the sheet; whether the program proposed it, and whether it is sure; by key
     * @param  Motion|null  $whole  how all lines together lie, in mm of the sheet; null where that is not known
     */
    public function verdict(array $places, Flattening $map, ?Motion $whole = null): Verdict
    {
        $layout = $this->plan->layout;
        [$left, $top] = [$layout->left->toFloat(), $layout->top->toFloat()];
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        [$measured, $unmeasured] = [[], []];
        foreach ($this->wanted as $one) {
            if (! isset($places[$one->key])) {
                // What the program chose itself is asked of nobody.
                $one->chosen || $unmeasured[] = $one->key;

                continue;
            }
            [$x, $y, $proposed, $sure] = $places[$one->key];
            if ($one->chosen && ! $sure) {
                continue;
            }
            $measured[] = new Measured(
                $one->key, $one->x * $wide, $one->y * $high, $x - $left, $y - $top, $one->tolerance,
                $proposed ? CompareFigures::FOUND * self::stepBack($this->plan) : CompareFigures::TAPPED * $map->fineness($x, $y) / 2, $proposed, $sure, $one->things, $one->meant,
            );
        }

        return Verdict::of($layout, $measured, $unmeasured, $whole === null ? [] : $this->anchors($whole, $left, $top, $wide, $high));
    }

    /**
     * Corners and sides of the drawing area where all lines together have them: no places of their own, but the whole is
     * told by them as well.
     *
     * @return list<Measured>
     */
    private function anchors(Motion $whole, float $left, float $top, float $wide, float $high): array
    {
        $anchors = [];
        foreach ([[0, 0], [1, 0], [1, 1], [0, 1], [0.5, 0], [1, 0.5], [0.5, 1], [0, 0.5]] as $i => [$u, $v]) {
            [$x, $y] = $whole->apply($left + $u * $wide, $top + $v * $high);
            $anchors[] = new Measured(
                name: "anchor {$i}", x: $u * $wide, y: $v * $high, outX: $x - $left, outY: $y - $top,
                tolerance: self::tolerance($this->plan), fineness: CompareFigures::FOUND * self::stepBack($this->plan),
            );
        }

        return $anchors;
    }

    /**
     * What the ruler alone told, without a shot: half a graduation is as fine as it reads.
     *
     * @return array<int, Judged> by the place of their key point among all
     */
    public static function byRuler(Plan $plan): array
    {
        $layout = $plan->layout;
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        $things = $plan->things()->all;
        $measured = [];
        foreach ($layout->points() as $i => $placed) {
            $drawn = $placed->point->drawn;
            if ($drawn === null || ! $placed->isInside()) {
                continue;
            }
            $one = self::wanted($plan, $things, (string) $i, $placed->point->name, null, $placed->x->toFloat(), $placed->y->toFloat());
            [$x, $y] = [$one->x * $wide, $one->y * $high];
            $measured[] = new Measured(
                $one->key, $x, $y, $drawn->left?->toFloat() ?? $x, $drawn->top?->toFloat() ?? $y, $one->tolerance,
                $layout->notation->ruler->step->toFloat() / 2 / CompareFigures::DOUBT, things: $one->things, meant: $plan->choices->meant[$placed->point->name] ?? null,
            );
        }

        $judged = [];
        foreach (Verdict::of($layout, $measured, [])->points as $one) {
            $judged[(int) $one->measured->name] = $one;
        }
        ksort($judged);

        return $judged;
    }

    /**
     * Whether a place that one reading of the ruler tells by is where it belongs, as any other point of the drawing is judged.
     *
     * @param  float  $off  mm by which it is off, one way
     */
    public static function passes(Plan $plan, float $off): bool
    {
        $layout = $plan->layout;
        $one = new Measured('', 0.0, 0.0, $off, 0.0, self::tolerance($plan), $layout->notation->ruler->step->toFloat() / 2 / CompareFigures::DOUBT);

        return $one->passes(abs($off));
    }

    /** By how much a place may depart that belongs to no named thing, in mm; a line broader than that hides it. */
    public static function tolerance(Plan $plan): float
    {
        return Tolerance::of($plan->layout, $plan->choices->subject->departurePercent(), null);
    }

    /** How many times smaller the sheet is looked at. */
    public static function stepBack(Plan $plan): float
    {
        return LineMap::stepBack($plan->layout->sheet->width->toFloat(), $plan->layout->sheet->height->toFloat());
    }

    /** @param  list<Wanted>  $beside */
    private static function chosen(Plan $plan, float $x, float $y, array $beside): Wanted
    {
        $name = $plan->layout->addresses->of(...$plan->layout->grid->cellAt($x, $y));
        $taken = array_map(static fn (Wanted $one): string => $one->key, $beside);
        for ([$key, $n] = [$name, 1]; in_array($key, $taken, true);) {
            $key = "{$name} ".++$n;
        }
        $one = self::wanted($plan, $plan->things()->all, $key, $key, null, $x, $y);

        return new Wanted($one->key, $name, null, $x, $y, $one->tolerance, $one->things, $one->meant, false, true);
    }
}
