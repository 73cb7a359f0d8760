<?php

declare(strict_types=1);

namespace App\Wire;

use App\Shots\Opinion;
use App\Wire\Json\AlignedJson;
use App\Wire\Json\ComparedObjectJson;
use App\Wire\Json\CompareJson;
use App\Wire\Json\FeaturesJson;
use App\Wire\Json\FirstJson;
use App\Wire\Json\FlattenJson;
use App\Wire\Json\JudgedPointJson;
use App\Wire\Json\MovedGroupJson;
use App\Wire\Json\ProportionJson;
use App\Wire\Json\SeenSpanJson;
use App\Wire\Json\WholeJson;
use App\Wording\CheckWording;
use App\Wording\CompareWording;
use App\Wording\FeatureWording;
use App\Wording\Phrases;
use App\Wording\RelationWording;
use App\Wording\Say;
use InchLadder\Checking\Alignment;
use InchLadder\Checking\Deviation;
use InchLadder\Checking\PairOfLengths;
use InchLadder\Checking\SpanOnPaper;
use InchLadder\Compare\Cause;
use InchLadder\Compare\Group;
use InchLadder\Compare\InProportion;
use InchLadder\Compare\Judged;
use InchLadder\Compare\Motion;
use InchLadder\Compare\Share;
use InchLadder\Compare\Wanted;
use InchLadder\Layout\Places;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Features;
use InchLadder\Plan\Gap;
use InchLadder\Plan\Plan;
use InchLadder\Plan\Sizes;

/** Writes what a shot tells of the drawing. */
final readonly class CompareWriter
{
    private CompareWording $say;

    /** @var array<string, Wanted> */
    private array $wanted;

    /** @var list<Gap> */
    private array $gaps;

    public function __construct(private Plan $plan, private Opinion $opinion)
    {
        $this->say = new CompareWording($plan, $opinion->comparison->wanted);
        $this->wanted = array_combine(array_map(static fn (Wanted $one): string => $one->key, $opinion->comparison->wanted), $opinion->comparison->wanted);
        $this->gaps = Gap::measured($plan, $opinion->gaps, $opinion->verdict->whole->motion->size());
    }

    /** @return list<ComparedObjectJson> */
    private function objects(): array
    {
        $layout = $this->plan->layout;
        [$left, $top] = [$layout->left->toFloat(), $layout->top->toFloat()];
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        // The whole is told from the drawing area's corner, objects from the sheet's.
        $corner = Motion::about([0.0, 0.0], -$left, -$top, 0.0, 1.0);
        $whole = $corner->then($this->opinion->verdict->whole->motion)->then($corner->inverse());
        $told = [];
        foreach ($this->plan->things()->all as $thing) {
            $object = $this->opinion->objects[$thing->thing->name] ?? null;
            if ($object === null) {
                continue;
            }
            $rest = $whole->inverse()->then($object->motion->smaller(1 / Comparison::stepBack($this->plan)));
            [$x, $y] = [($thing->left + $thing->right) / 2, ($thing->top + $thing->bottom) / 2];
            [$right, $down] = $rest->at(...$whole->apply($left + $x * $wide, $top + $y * $high));
            $told[] = new ComparedObjectJson(
                name: $thing->thing->name,
                right_mm: self::mm($right),
                down_mm: self::mm($down),
                turn_degrees: round($rest->turn(), 2),
                size_percent: round(100 * ($rest->size() - 1), 2),
                across_only: $object->acrossOnly,
                sure: $object->sure,
                drawn_percent: round(100 * $object->drawn, 1),
            );
        }

        return $told;
    }

    public function compare(): CompareJson
    {
        $verdict = $this->opinion->verdict;
        $name = static fn (Judged $one): string => $one->measured->name;
        $typical = $verdict->typical();
        $largest = $verdict->largest();

        return new CompareJson(
            $this->flatten(),
            $this->whole(),
            array_map($this->point(...), $verdict->points),
            array_map(static fn (Group $group): MovedGroupJson => new MovedGroupJson(
                $group->name(), self::mm($group->moved()[0]), self::mm($group->moved()[1]), round($group->motion->turn(), 2), round(100 * ($group->motion->size() - 1), 2), $group->points,
            ), $verdict->groups),
            new FirstJson($verdict->cause->value, match ($verdict->cause) {
                Cause::Group, Cause::Point => $verdict->findings[0]->name(),
                default => null,
            }, $this->say->first($verdict), $this->say->leaves($verdict), array_map($name, $verdict->first())),
            array_map($name, $verdict->leaveAlone()),
            $verdict->isGoodEnough(),
            $verdict->unmeasured,
            $this->say->more($verdict),
            $typical === null ? null : self::mm($typical),
            $largest === null ? null : self::mm($largest),
            $this->alignments(),
            $this->spans(),
            $this->relations(),
            $this->features(),
            $this->pairs(),
            $this->objects(),
        );
    }

    /** @return list<AlignedJson> gaps between things that were measured */
    private function relations(): array
    {
        $say = new RelationWording($this->plan->layout);

        return array_map(static fn (Gap $gap): AlignedJson => new AlignedJson($say->says($gap->relation), $say->drawn($gap->relation, $gap->drawn, $gap->passes), $gap->passes), $this->gaps);
    }

    /** @return list<string> sizes and gaps each against each; the worst pair first, those that are right left out */
    private function pairs(): array
    {
        $verdict = $this->opinion->verdict;
        $sizes = Sizes::measured($this->plan, Features::drawn($this->plan, $verdict, $this->opinion->comparison->wanted), $this->opinion->spans, $this->gaps);
        $percent = $this->plan->choices->subject->departurePercent() / 100;
        $out = array_filter(PairOfLengths::among($sizes, CheckWriter::MOST_PAIRS), static fn (PairOfLengths $pair): bool => abs($pair->misfit()?->toFloat() ?? 0.0) > $percent);

        return array_values(array_map(CheckWording::pair(...), $out));
    }

    /** @return list<FeaturesJson> */
    private function features(): array
    {
        $say = new FeatureWording($this->plan->choices->subject);

        return array_map(static fn (Features $one): FeaturesJson => new FeaturesJson(
            $one->whole, $say->placement($one), $one->isPlaced() && $one->misplaced() === [], $say->expression($one), $one->ratios !== [] && $one->unlike() === [],
            array_map(static fn (Share $share): ProportionJson => new ProportionJson(FeatureWording::named($share), FeatureWording::percent($share->wanted), $share->drawn === null ? null : FeatureWording::percent($share->drawn), $share->passes), $one->shares),
            array_map(static fn (InProportion $ratio): ProportionJson => new ProportionJson(FeatureWording::small($ratio), FeatureWording::ratio($ratio, $ratio->wanted), FeatureWording::ratio($ratio, $ratio->drawn), $ratio->passes), $one->ratios),
        ), Features::of($this->plan, $this->opinion->verdict, $this->opinion->comparison->wanted, $this->opinion->spans));
    }

    /** @return list<AlignedJson> of places that were measured */
    private function alignments(): array
    {
        $out = [];
        foreach ($this->opinion->verdict->points as $one) {
            $one->measured->sure && $out[$one->measured->name] = $one->measured;
        }
        $aligned = [];
        foreach (Alignment::among($this->say->landmarks($this->opinion->comparison->wanted), $this->plan->layout->fitted->area) as $one) {
            [$first, $second] = [$out[$one->first->key] ?? null, $out[$one->second->key] ?? null];
            if ($first === null || $second === null) {
                continue;
            }
            $off = $one->plumb ? $second->outX - $first->outX : $second->outY - $first->outY;
            $passes = abs($off - $one->off->toFloat()) <= max($first->tolerance, $second->tolerance);
            $aligned[] = new AlignedJson(CheckWording::alignment($one, $this->plan->choices->notation), CheckWording::aligned($one, $off, $passes, $this->plan->choices->notation), $passes);
        }

        return $aligned;
    }

    /** @return list<SeenSpanJson> */
    private function spans(): array
    {
        $notation = $this->plan->choices->notation;

        return array_map(function (int $i, float $mm) use ($notation): SeenSpanJson {
            $span = $this->plan->layout->spans[$i];
            $on = SpanOnPaper::of($this->plan->layout, $span);
            $wanted = $on->paper;
            [$runs, $must] = [Phrases::slope($this->opinion->slopes[$i]), Phrases::slope($on->onPaper)];
            $drawn = $notation->ruler->round(Length::mm(Rational::near($mm, 4)))->reading;

            return new SeenSpanJson($i, $span->name, $notation->plain($drawn), CheckWording::deviation(new Deviation($drawn->minus($wanted), $wanted), $notation), $runs === $must ? Say::it('comparing.slope.same', ['runs' => $runs]) : Say::it('comparing.slope.else', ['runs' => $runs, 'must' => $must]));
        }, array_keys($this->opinion->spans), array_values($this->opinion->spans));
    }

    private function flatten(): FlattenJson
    {
        $layout = $this->plan->layout;
        [$left, $top, $right, $bottom] = [$layout->left->toFloat(), $layout->top->toFloat(), $layout->left->plus($layout->fitted->area->width)->toFloat(), $layout->top->plus($layout->fitted->area->height)->toFloat()];
        [$wide, $high] = [$layout->sheet->width->toFloat(), $layout->sheet->height->toFloat()];
        $seen = fn (array $at): array => $this->pixels(...$at);

        return new FlattenJson(
            self::mm($this->opinion->shot->map->residual),
            array_map($seen, [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]]),
            array_map($seen, [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]]),
            $this->opinion->shot->found,
            CompareWording::warnings($this->opinion->faults),
        );
    }

    private function whole(): WholeJson
    {
        $verdict = $this->opinion->verdict;
        $motion = $verdict->whole->motion;
        [$right, $down] = $motion->at($verdict->middleX, $verdict->middleY);

        return new WholeJson(self::mm($right), self::mm($down), round($motion->turn(), 3), round(100 * ($motion->size() - 1), 3), round(100 * ($motion->stretch() - 1), 3), round($motion->lean(), 3), $verdict->whole->model->value);
    }

    private function point(Judged $one): JudgedPointJson
    {
        $layout = $this->plan->layout;
        $measured = $one->measured;
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        $wanted = $this->wanted[$measured->name];

        return new JudgedPointJson(
            $measured->name,
            $this->say->label($measured->name),
            $measured->proposed,
            $measured->sure,
            self::mm($measured->right()),
            self::mm($measured->down()),
            self::mm($one->left),
            self::mm($measured->tolerance),
            $one->within,
            $layout->addresses->of(...$one->cell),
            $layout->addresses->of(...$one->cameOutIn),
            $this->say->says($one),
            $this->say->amounts($one),
            $measured->meant !== null,
            $wanted->critical,
            [round($wanted->x, 6), round($wanted->y, 6)],
            [round($measured->outX / $wide, 6), round($measured->outY / $high, 6)],
            $seen = $this->pixels($layout->left->toFloat() + $measured->outX, $layout->top->toFloat() + $measured->outY),
            Places::write([[$seen[0] / $this->opinion->shot->wide, $seen[1] / $this->opinion->shot->high]]),
        );
    }

    /** @return array{float, float} pixels of the shot */
    private function pixels(float $x, float $y): array
    {
        [$u, $v] = $this->opinion->shot->map->toShot($x, $y);

        return [round($u, 2), round($v, 2)];
    }

    private static function mm(float $mm): float
    {
        return round($mm, 3);
    }
}
