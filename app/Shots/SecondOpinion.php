<?php

declare(strict_types=1);

namespace App\Shots;

use App\Imaging\PhotoContours;
use App\Imaging\ShotPixels;
use App\Models\Photo;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Compare\Explanation;
use InchLadder\Compare\Figures;
use InchLadder\Compare\Flattening;
use InchLadder\Compare\FoundObjects;
use InchLadder\Compare\Lens;
use InchLadder\Compare\LineMap;
use InchLadder\Compare\Matcher;
use InchLadder\Compare\Measured;
use InchLadder\Compare\Motion;
use InchLadder\Compare\ObjectMatcher;
use InchLadder\Compare\ShotFault;
use InchLadder\Compare\Wanted;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Slope;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Plan;
use InchLadder\Things\Related;
use InchLadder\Things\Relations;
use InchLadder\Things\ThingInCrop;

/** A shot of the drawing held against its photo. */
final readonly class SecondOpinion
{
    /** All of the drawing area. */
    private const AREA = [[0.0, 0.0], [1.0, 1.0]];

    public function __construct(private PhotoContours $contours)
    {
    }

    /**
     * Where the sheet lies on a shot, found by its edges; which way up by what is drawn on it.
     *
     * @throws SheetNotFound
     */
    public function find(Plan $plan, ?Photo $photo, ShotPixels $shot): FoundSheet
    {
        $sheet = $shot->sheet() ?? throw SheetNotFound::anywhere();
        $this->fineness($plan, $this->onSheet($plan, $sheet->corners, $sheet->lens)) <= Figures::COARSEST || throw SheetNotFound::tooSmall();
        $lines = $this->lines($plan, $this->contours($plan, $photo));
        $ways = array_map(static fn (int $turn): array => [...array_slice($sheet->corners, $turn), ...array_slice($sheet->corners, 0, $turn)], [0, 1, 2, 3]);
        $shapes = array_map(fn (array $corners): float => $this->aspect($plan, $corners), $ways);
        [$best, $least] = [null, INF];
        foreach ($ways as $turn => $corners) {
            // What is far from the sheet's own shape needs no looking at; nor anything else where one way up is clear.
            if ($least <= Figures::CLEAR || $shapes[$turn] > min($shapes) + Figures::ASKEW) {
                continue;
            }
            // A shot is taken the way up it is drawn, if nothing tells otherwise.
            $misfit = ($turn === 0 ? -0.05 : 0.0) + $shapes[$turn];
            if ($lines !== []) {
                $grey = $shot->lines($this->onSheet($plan, $corners, $sheet->lens), $plan->layout->sheet->width->toFloat(), $plan->layout->sheet->height->toFloat(), Figures::ROUGH / Comparison::stepBack($plan), true);
                $misfit += (new Matcher(LineMap::of($grey, Figures::ROUGH), $lines))->fit();
            }
            if ($misfit < $least) {
                [$best, $least] = [new FoundSheet($corners, $sheet), $misfit];
            }
        }

        return $best ?? throw SheetNotFound::anywhere();
    }

    /**
     * The shot as it lies, and the lines on it: all that takes a while.
     *
     * @param  list<array{float, float}>|null  $corners  in pixels of the shot, clockwise from the top left as it is drawn; null where they are to be found
     * @param  list<array{float, float}>|null  $between  the top left and the bottom right of what they are the corners of, in shares of the drawing area; null for the sheet's own
     *
     * @throws CornersUnusable
     * @throws SheetNotFound
     */
    public function prepare(Plan $plan, ?Photo $photo, ShotPixels $shot, ?array $corners, ?array $between = self::AREA): Prepared
    {
        $found = $corners === null ? $this->find($plan, $photo, $shot) : null;
        if ($found !== null) {
            [$map, $sheet] = [$this->onSheet($plan, $found->corners, $found->sheet->lens), $found->sheet];
        } else {
            $this->check($corners, $shot);
            $places = $between === null ? $this->sheet($plan) : $this->area($plan, ...$between);
            // How the lens bends shows at the sheet's own edges, wherever those are seen.
            $rough = Flattening::of($corners, $places, Lens::true($shot->wide, $shot->high));
            $sheet = $shot->near(array_map(static fn (array $at): array => $rough->toShot(...$at), $this->sheet($plan)));
            $map = Flattening::of($corners, $places, $sheet->lens ?? Lens::true($shot->wide, $shot->high));
            $held = $sheet === null ? null : $this->onSheet($plan, $sheet->corners, $sheet->lens)->heldTo($corners, $places);
            // What does not agree with the sheet was meant otherwise: the hand is believed.
            $map = $held !== null && $held->residual <= Figures::AGREES * $map->fineness(...$places[0]) + Figures::RULED_ASKEW * Comparison::stepBack($plan) ? $held : $map;
        }

        return new Prepared($map, $found !== null, $this->lineMap($plan, $shot, $map), $shot->light(array_map(static fn (array $at): array => $map->toShot(...$at), $this->sheet($plan)), $sheet), $sheet !== null && $sheet->cutOff, $shot->wide, $shot->high);
    }

    /**
     * @param  array<string, array{float, float}>  $tapped  places a hand set, in pixels of the shot, by their key
     * @param  Comparison|null  $wanted  what is looked for, where it is not the drawing's own
     * @param  bool  $propose  whether places without a reading are looked for
     */
    public function judge(Plan $plan, ?Photo $photo, Prepared $shot, array $tapped, ?Comparison $wanted = null, bool $propose = true): Opinion
    {
        $contours = $this->contours($plan, $photo);
        $lines = $this->lines($plan, $contours);
        $matcher = new Matcher($shot->drawn, $lines);
        $comparison = $wanted ?? Comparison::of($plan, $contours);
        $places = array_map(static fn (array $at): array => [...$shot->map->toSheet(...$at), false, true], $tapped);
        [$ways, $gaps] = [[], []];
        $found = FoundObjects::none();
        if ($propose && $lines !== []) {
            $objects = new ObjectMatcher($shot->drawn, $lines, $this->cell($plan));
            $found = $this->objects($plan, $objects, $matcher);
            [$proposed, $near] = $this->proposed($plan, $comparison, $matcher, $found, $places);
            $places += $this->lookedAtAgain($plan, $comparison, $objects, $proposed, $near);
            [$ways, $gaps] = [$this->spans($plan, $matcher, $near), $this->gaps($plan, $matcher, $near)];
        }
        [$light, $glare, $soft] = $shot->light;

        return new Opinion(
            shot: $shot,
            comparison: $comparison,
            verdict: $comparison->verdict($places, $shot->map, $found->whole?->smaller(1 / Comparison::stepBack($plan))),
            places: $places,
            spans: array_map(static fn (array $way): float => hypot(...$way), $ways),
            slopes: array_map(static fn (array $way): Slope => Slope::of($way[0], -$way[1]), $ways),
            gaps: $gaps,
            faults: ShotFault::in(
                $shot->cutOff, $this->fineness($plan, $shot->map), $light, $glare, $soft,
                $shot->drawn, $lines === [] ? null : $matcher->fit(),
            ),
            objects: $found->objects,
        );
    }

    /**
     * @param  array<string, array{float, float, bool, bool}>  $known
     * @return array{array<string, array{float, float, bool, bool}>, Motion} and how the whole is thought to lie
     */
    private function proposed(Plan $plan, Comparison $comparison, Matcher $matcher, FoundObjects $objects, array $known): array
    {
        $back = Comparison::stepBack($plan);
        [$near, $places] = [$objects->near, []];
        // Once as the whole lies, and once more as those that are sure say it lies.
        foreach ([Figures::REACH, Figures::REACH * 0.9] as $reach) {
            $places = [];
            foreach ($comparison->wanted as $one) {
                $at = isset($known[$one->key]) ? null : $this->place($plan, $one, $matcher, $objects, $near, $reach);
                $at === null || $places[$one->key] = [$at[0] * $back, $at[1] * $back, true, $at[2]];
            }
            $near = $this->whole($plan, $comparison, $known + $places)?->smaller($back) ?? $near;
        }

        return [$places, $near];
    }

    /**
     * Where one place came out.
     *
     * @return array{float, float, bool}|null mm of the sheet as it is looked at, and whether that is sure; null where nothing tells it
     */
    private function place(Plan $plan, Wanted $one, Matcher $matcher, FoundObjects $objects, Motion $near, float $reach): ?array
    {
        [$x, $y] = $this->lookedAt($plan, $one->x, $one->y);
        // An extreme is its own object's, whatever lies over it.
        $object = $objects->objects[$one->side !== null ? $one->name : $one->things[0] ?? ''] ?? null;
        // It lies on a smooth line, as a rule: where it came out the object tells.
        if ($object !== null && $one->side !== null) {
            return [...$object->motion->apply($x, $y), $object->tells()];
        }
        // What was chosen here in an object tells no more than the object.
        if ($object !== null && $one->chosen) {
            return null;
        }

        return $object !== null && $object->tells()
            ? $matcher->place($x, $y, $object->motion, Figures::IN_OBJECT)
            : $matcher->place($x, $y, $near, $reach);
    }

    /**
     * A place that is out by more than a hair is looked at once more with all the lines about it, as one thing: it is
     * sure where both ways agree. A place that a hand marked stays so where the second way tells nothing.
     *
     * @param  array<string, array{float, float, bool, bool}>  $found
     * @return array<string, array{float, float, bool, bool}>
     */
    private function lookedAtAgain(Plan $plan, Comparison $comparison, ObjectMatcher $matcher, array $found, Motion $near): array
    {
        $back = Comparison::stepBack($plan);
        foreach ($comparison->wanted as $one) {
            $place = $found[$one->key] ?? null;
            if ($place === null || ! $place[3] || $one->side !== null) {
                continue;
            }
            [$x, $y] = $this->lookedAt($plan, $one->x, $one->y);
            $isAt = static function (Motion $motion) use ($place, $x, $y, $back): bool {
                [$u, $v] = $motion->apply($x, $y);

                return hypot($place[0] / $back - $u, $place[1] / $back - $v) <= Figures::A_HAIR;
            };
            if ($isAt($near)) {
                continue;
            }
            // A place that a hand marked may be the one thing that is out there; one that was chosen here goes by all about it.
            $far = $one->chosen ? Figures::ROUND : Figures::ROUND / 2;
            $again = $matcher->find(static fn (float $u, float $v): bool => hypot($u - $x, $v - $y) <= $far, $near);
            $found[$one->key][3] = $again !== null && $again->sure ? $isAt($again->motion) : ! $one->chosen;
        }

        return $found;
    }

    /** @return array{float, float}|null width and height of a cell in mm of the sheet as it is looked at; null where cells differ */
    private function cell(Plan $plan): ?array
    {
        $grid = $plan->layout->grid;
        if (! $grid->across->isRegular() || ! $grid->down->isRegular()) {
            return null;
        }
        $cell = $plan->layout->cell();
        $back = Comparison::stepBack($plan);

        return [$cell->width->toFloat() / $back, $cell->height->toFloat() / $back];
    }

    /** All lines together before any of them, and then object by object; of two that have one name neither. */
    private function objects(Plan $plan, ObjectMatcher $objects, Matcher $matcher): FoundObjects
    {
        $whole = $objects->whole();
        $sure = $whole !== null && $whole->tells() ? $whole->motion : null;
        $near = $sure ?? Motion::shift([[0.0, 0.0]], [$matcher->whole()]);
        $things = $plan->things()->all;
        $names = array_count_values(array_map(static fn (ThingInCrop $thing): string => $thing->thing->name, $things));
        $found = [];
        foreach ($things as $thing) {
            $holds = fn (float $x, float $y): bool => $thing->covers(...$this->inCrop($plan, $x, $y));
            $object = $names[$thing->thing->name] > 1 ? null : $objects->find($holds, $near);
            if ($object !== null) {
                $found[$thing->thing->name] = $object;
            }
        }

        return new FoundObjects($sure, $near, $found);
    }

    /** @return array<int, array{float, float}> lengths of Check as they came out, mm right and down, by their place among them; those whose two ends are found for sure */
    private function spans(Plan $plan, Matcher $matcher, Motion $near): array
    {
        $seen = [];
        foreach ($plan->layout->spans as $i => $span) {
            $on = SpanOnPaper::of($plan->layout, $span);
            $seen[$i] = $this->apart($plan, $matcher, $near, [$on->x1->toFloat(), $on->y1->toFloat()], [$on->x2->toFloat(), $on->y2->toFloat()]);
        }

        return array_filter($seen, static fn (?array $way): bool => $way !== null);
    }

    /** @return array<string, float> gaps between things as they came out, in mm, by the key of their relation; those whose two sides are found for sure */
    private function gaps(Plan $plan, Matcher $matcher, Motion $near): array
    {
        $seen = [];
        foreach (Relations::among($plan->layout, $plan->things()) as $relation) {
            if ($relation->how === Related::Gap && isset($relation->places[1])) {
                $way = $this->apart($plan, $matcher, $near, $relation->places[0], $relation->places[1]);
                $seen[$relation->key()] = $way === null ? null : hypot(...$way);
            }
        }

        return array_filter($seen, static fn (?float $mm): bool => $mm !== null);
    }

    /**
     * How far two places came out from each other; null where one of them is not found for sure.
     *
     * @param  array{float, float}  $one  shares of the crop
     * @param  array{float, float}  $other
     * @return array{float, float}|null mm right and down
     */
    private function apart(Plan $plan, Matcher $matcher, Motion $near, array $one, array $other): ?array
    {
        $back = Comparison::stepBack($plan);
        $ends = [];
        foreach ([$one, $other] as $at) {
            [$u, $v] = $this->belongs($plan, ...$at);
            $found = $matcher->place($u / $back, $v / $back, $near, Figures::REACH);
            $found !== null && $found[2] && $ends[] = $found;
        }

        return count($ends) < 2 ? null : [$back * ($ends[1][0] - $ends[0][0]), $back * ($ends[1][1] - $ends[0][1])];
    }

    /** @param  array<string, array{float, float, bool, bool}>  $places */
    private function whole(Plan $plan, Comparison $comparison, array $places): ?Motion
    {
        $measured = [];
        foreach ($comparison->wanted as $one) {
            if (isset($places[$one->key]) && $places[$one->key][3]) {
                [$x, $y] = $this->belongs($plan, $one->x, $one->y);
                $measured[] = new Measured($one->key, $x, $y, $places[$one->key][0], $places[$one->key][1], $one->tolerance, Figures::FOUND * Comparison::stepBack($plan));
            }
        }
        $whole = Explanation::of($measured, hypot($plan->layout->fitted->area->width->toFloat(), $plan->layout->fitted->area->height->toFloat()))->whole;

        return $whole->isSame() ? null : $whole->motion;
    }

    /**
     * @param  list<array{float, float}>  $corners
     *
     * @throws CornersUnusable
     */
    private function check(array $corners, ShotPixels $shot): void
    {
        count($corners) === 4 || throw CornersUnusable::tooFew();
        foreach ($corners as [$x, $y]) {
            if ($x < -$shot->wide || $y < -$shot->high || $x > 2 * $shot->wide || $y > 2 * $shot->high) {
                throw CornersUnusable::outside();
            }
        }
    }

    /** @param  list<array{float, float}>  $corners */
    private function onSheet(Plan $plan, array $corners, Lens $lens): Flattening
    {
        return Flattening::of($corners, $this->sheet($plan), $lens);
    }

    /**
     * How unlike the sheet's own shape four corners are; what is seen askew is so a little.
     *
     * @param  list<array{float, float}>  $corners
     */
    private function aspect(Plan $plan, array $corners): float
    {
        $long = static fn (int $i): float => hypot($corners[($i + 1) % 4][0] - $corners[$i][0], $corners[($i + 1) % 4][1] - $corners[$i][1]);
        $ratio = ($long(0) + $long(2)) / max(1e-6, $long(1) + $long(3));

        return abs(log($ratio * $plan->layout->sheet->height->toFloat() / $plan->layout->sheet->width->toFloat())) / 2;
    }

    private function lineMap(Plan $plan, ShotPixels $shot, Flattening $map): LineMap
    {
        $layout = $plan->layout;
        $back = Comparison::stepBack($plan);
        [$left, $top, $wide, $high] = array_map(static fn (Length $length): float => $length->toFloat() / $back, [$layout->left, $layout->top, $layout->fitted->area->width, $layout->fitted->area->height]);

        return LineMap::of(
            $shot->lines($map, $layout->sheet->width->toFloat(), $layout->sheet->height->toFloat(), LineMap::SAMPLES / $back), LineMap::SAMPLES,
            array_map(static fn (Rational $share): array => [$left + $share->toFloat() * $wide, $top, $left + $share->toFloat() * $wide, $top + $high], $layout->grid->columns),
            array_map(static fn (Rational $share): array => [$left, $top + $share->toFloat() * $high, $left + $wide, $top + $share->toFloat() * $high], $layout->grid->rows),
        );
    }

    /**
     * The photo's contours as far as they lie in the crop, in shares of it; none without a photo.
     *
     * @param  int  $every  which sample of them is taken
     * @return list<list<array{float, float}>>
     */
    public function contours(Plan $plan, ?Photo $photo, int $every = 1): array
    {
        if ($photo === null) {
            return [];
        }
        $contours = $this->contours->inCells($photo, $plan->layout);
        [$a, $b, $c, $d, $e, $f] = ContoursInGrid::toCrop($contours, $plan->layout);
        $lines = [];
        foreach ($contours->all as $contour) {
            $line = [];
            foreach ($contour->x as $i => $x) {
                [$u, $v] = [$a * $x + $b * $contour->y[$i] + $c, $d * $x + $e * $contour->y[$i] + $f];
                if ($u >= 0 && $v >= 0 && $u <= 1 && $v <= 1) {
                    // Ends stay.
                    $i % $every === 0 || $i === $contour->count() - 1 ? $line[] = [$u, $v] : null;
                } elseif ($line !== []) {
                    $lines[] = $line;
                    $line = [];
                }
            }
            $line === [] || $lines[] = $line;
        }

        return $lines;
    }

    /**
     * @param  list<list<array{float, float}>>  $contours  in shares of the crop
     * @return list<array{float, float}> samples of them, in mm of the sheet as it is looked at
     */
    private function lines(Plan $plan, array $contours): array
    {
        $at = fn (array $place): array => $this->lookedAt($plan, ...$place);

        return Matcher::sampled(array_map(static fn (array $line): array => array_map($at, $line), $contours));
    }

    /** Millimetres to a pixel in the middle of the sheet, as it is looked at. */
    private function fineness(Plan $plan, Flattening $map): float
    {
        return $map->fineness($plan->layout->sheet->width->toFloat() / 2, $plan->layout->sheet->height->toFloat() / 2) / Comparison::stepBack($plan);
    }

    /**
     * @param  float  $x  share of the crop
     * @return array{float, float} mm of the sheet as it is looked at
     */
    private function lookedAt(Plan $plan, float $x, float $y): array
    {
        $back = Comparison::stepBack($plan);
        [$u, $v] = $this->belongs($plan, $x, $y);

        return [$u / $back, $v / $back];
    }

    /**
     * The way back.
     *
     * @param  float  $x  mm of the sheet as it is looked at
     * @return array{float, float} shares of the crop
     */
    private function inCrop(Plan $plan, float $x, float $y): array
    {
        $back = Comparison::stepBack($plan);
        $layout = $plan->layout;

        return [
            ($x * $back - $layout->left->toFloat()) / $layout->fitted->area->width->toFloat(),
            ($y * $back - $layout->top->toFloat()) / $layout->fitted->area->height->toFloat(),
        ];
    }

    /**
     * @param  float  $x  share of the crop
     * @return array{float, float} mm of the sheet
     */
    private function belongs(Plan $plan, float $x, float $y): array
    {
        $layout = $plan->layout;

        return [$layout->left->toFloat() + $x * $layout->fitted->area->width->toFloat(), $layout->top->toFloat() + $y * $layout->fitted->area->height->toFloat()];
    }

    /** @return non-empty-list<array{float, float}> its corners in mm, clockwise */
    private function sheet(Plan $plan): array
    {
        [$wide, $high] = [$plan->layout->sheet->width->toFloat(), $plan->layout->sheet->height->toFloat()];

        return [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]];
    }

    /**
     * @param  array{float, float}  $from  shares of the drawing area
     * @param  array{float, float}  $to
     * @return non-empty-list<array{float, float}> the corners of what lies between, in mm of the sheet, clockwise
     */
    private function area(Plan $plan, array $from, array $to): array
    {
        return array_map(fn (array $at): array => $this->belongs($plan, ...$at), [$from, [$to[0], $from[1]], $to, [$from[0], $to[1]]]);
    }
}
