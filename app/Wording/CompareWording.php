<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Checking\Landmark;
use InchLadder\Compare\Cause;
use InchLadder\Compare\Drift;
use InchLadder\Compare\Finding;
use InchLadder\Compare\Judged;
use InchLadder\Compare\Model;
use InchLadder\Compare\Motion;
use InchLadder\Compare\ShotFault;
use InchLadder\Compare\Verdict;
use InchLadder\Compare\Wanted;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** What a verdict says, in the artist's unit: what is out, which way, what to mend first. */
final readonly class CompareWording
{
    /** Things beside the first that are told: more are not kept in mind (ours). */
    private const ALSO = 2;

    /** Places or things that a sentence names at most (ours). */
    private const NAMED = 5;

    /** @var array<string|int, string> what places are called, by their key */
    private array $names;

    /** @var array<int, string> keys of those that the program chose */
    private array $chosen;

    /** @var array<string|int, string> the things that places are ends of, by their key */
    private array $ends;

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string|int, string>  $names  what other places are called, by their key
     */
    public function __construct(private Plan $plan, array $wanted, array $names = [])
    {
        $ends = [];
        foreach ($wanted as $one) {
            $names[$one->key] = self::name($one);
            if ($one->side !== null) {
                $ends[$one->key] = $one->name;
            }
        }
        [$this->names, $this->ends] = [$names, $ends];
        $this->chosen = array_map(static fn (Wanted $one): string => $one->key, array_filter($wanted, static fn (Wanted $one): bool => $one->chosen));
    }

    /** What one place is called: a key point by its name, an extreme by its thing's, one that the program chose by its cell. */
    public static function name(Wanted $one): string
    {
        return match (true) {
            $one->side !== null => Say::it("comparing.extreme.{$one->side}", ['thing' => $one->name]),
            $one->chosen && $one->key !== $one->name => Say::it('comparing.another chosen', ['cell' => $one->name, 'n' => substr($one->key, strlen($one->name) + 1)]),
            $one->chosen => Say::it('comparing.chosen', ['cell' => $one->name]),
            default => $one->name,
        };
    }

    public function label(string $key): string
    {
        return $this->names[$key] ?? $key;
    }

    /**
     * Places that others can lie in line with, under what they are called.
     *
     * @param  list<Wanted>  $wanted
     * @return list<Landmark>
     */
    public function landmarks(array $wanted): array
    {
        $firm = array_map(static fn (KeyPoint $point): string => $point->name, array_filter($this->plan->layout->keyPoints, static fn (KeyPoint $point): bool => $point->firm));

        return array_map(fn (Wanted $one): Landmark => new Landmark($one->key, $this->label($one->key), Rational::near($one->x), Rational::near($one->y), in_array($one->key, $firm, true), ! $one->chosen), $wanted);
    }

    /** What to mend first. */
    public function first(Verdict $verdict): string
    {
        return match ($verdict->cause) {
            Cause::Whole => $this->whole($verdict),
            Cause::Group, Cause::Point => $this->finding($verdict->findings[0], 'first'),
            Cause::None => $this->nothing($verdict),
        };
    }

    /** What would still be out once the first thing is mended; null where there is nothing to mend, or it cures all. */
    public function leaves(Verdict $verdict): ?string
    {
        $left = $verdict->leftAfterFirst();

        return $verdict->cause === Cause::None || $verdict->whole->model === Model::Affine || $left === [] ? null : Say::counted('comparing.leaves', count($left), ['names' => $this->listed($left)]);
    }

    /**
     * What else is worth a sentence: two more things at most that are to be mended, and three of the rest: the whole where something
     * else comes first, what was left alone, what is not measured.
     *
     * @return list<string>
     */
    public function more(Verdict $verdict): array
    {
        $alone = $verdict->leaveAlone();
        $also = array_map(fn (Finding $one): string => $this->finding($one, 'also'), array_slice($verdict->findings, 1, self::ALSO));
        $later = array_slice($verdict->findings, 1 + self::ALSO);
        $further = array_merge(...array_map(static fn (Finding $one): array => $one->places, $later));
        if ($further !== []) {
            $also[] = Say::counted('comparing.further', count($further), ['names' => $this->listed($further)]);
        }
        $lines = [];
        if ($verdict->cause !== Cause::Whole && $verdict->whole->model !== Model::Same) {
            $lines[] = $this->whole($verdict);
        }
        if ($alone !== [] && $verdict->out() !== []) {
            $lines[] = Say::counted('comparing.leave alone', count($alone), ['names' => $this->listed($alone)]);
        }
        if ($verdict->meant() !== []) {
            $lines[] = Say::it('comparing.meant', ['names' => $this->listed($verdict->meant())]);
        }
        if ($verdict->unmeasured !== [] && $verdict->points !== []) {
            $lines[] = Say::counted('comparing.not measured', count($verdict->unmeasured), ['names' => Say::listed(array_map($this->label(...), array_slice($verdict->unmeasured, 0, 6)))]);
        }

        return [...$also, ...array_slice($lines, 0, 3)];
    }

    /** What is to be said of one place. */
    public function says(Judged $one): string
    {
        $name = $this->label($one->measured->name);

        return match (true) {
            $one->measured->meant !== null => Say::it('comparing.place.meant', ['name' => $name, 'off' => $this->way($one->measured->right(), $one->measured->down()), 'wanted' => $this->way(...$one->measured->meant)]),
            ! $one->measured->sure => Say::it('comparing.place.unsure', ['name' => $name]),
            $one->within => Say::it('comparing.place.within', ['name' => $name]),
            $one->isInWrongCell() => $this->wrongCell($one),
            default => Say::it('comparing.place.out', ['name' => $name, 'off' => $this->way(...$one->rest)]),
        };
    }

    /** How much that is: of what passes, of the cell it lies in, and on the ruler. */
    public function amounts(Judged $one): string
    {
        $cell = $this->plan->layout->cell();

        return Say::it('comparing.amounts', [
            'off' => $this->off($one->left),
            'passes' => $this->length($one->measured->tolerance),
            'percent' => (int) round(100 * $one->left / min($cell->width->toFloat(), $cell->height->toFloat())),
        ]);
    }

    /**
     * @param  list<ShotFault>  $faults
     * @return list<string>
     */
    public static function warnings(array $faults): array
    {
        return array_map(static fn (ShotFault $fault): string => Say::it("comparing.fault.{$fault->value}"), $faults);
    }

    /** The misfit that is left, typically and at most. */
    public function misfit(Verdict $verdict): string
    {
        [$typical, $largest] = [$verdict->typical(), $verdict->largest()];

        return $typical === null || $largest === null ? Say::it('comparing.misfit.none') : Say::it('comparing.misfit.is', ['typical' => $this->off($typical), 'largest' => $this->off($largest)]);
    }

    /** A point that must not drift: where it belongs on the paper, and how the ruler read it last. */
    public function critical(Placed $placed, ?Judged $last): string
    {
        $area = $this->plan->layout->fitted->area;

        return Say::it($last === null ? 'comparing.critical.unread' : ($last->within ? 'comparing.critical.right' : 'comparing.critical.out'), [
            'name' => $placed->point->name,
            'left' => $this->length($area->width->times($placed->x)->toFloat()),
            'top' => $this->length($area->height->times($placed->y)->toFloat()),
            'off' => $last === null ? '' : $this->way(...$last->rest),
        ]);
    }

    /** Where a place stands now, and whether it drifted. */
    public function drift(Drift $drift): string
    {
        return Say::it('comparing.drift.'.($drift->drifted() ? 'drifted' : ($drift->passes() ? 'right' : 'out')), ['name' => $this->label($drift->name), 'off' => $this->off($drift->last())]);
    }

    /**
     * Whether the drawing gets better from the shot before the last to the last.
     *
     * @param  list<Verdict|null>  $verdicts
     */
    public function trend(array $verdicts): ?string
    {
        $typical = array_values(array_filter(array_map(static fn (?Verdict $one): ?float => $one?->typical(), $verdicts), static fn (?float $mm): bool => $mm !== null));
        if (count($typical) < 2) {
            return null;
        }
        [$before, $now] = array_slice($typical, -2);
        $step = $this->plan->choices->notation->ruler->step->toFloat() / 4;

        return Say::it('comparing.trend.'.(abs($now - $before) < $step ? 'same' : ($now < $before ? 'better' : 'worse')), ['now' => $this->off($now), 'before' => $this->off($before)]);
    }

    private function nothing(Verdict $verdict): string
    {
        return match (true) {
            $verdict->leaveAlone() === [] => Say::it('comparing.first.nothing measured'),
            $verdict->unmeasured === [] => Say::it('comparing.first.good enough'),
            default => Say::counted('comparing.first.so far', count($verdict->unmeasured)),
        };
    }

    private function whole(Verdict $verdict): string
    {
        $motion = $verdict->whole->motion;
        if ($verdict->whole->model === Model::Affine) {
            $lean = $motion->lean();

            return Say::it('comparing.first.stretched', ['how' => Say::listed(array_values(array_filter([
                Say::it($motion->stretch() > 1 ? 'comparing.whole.wider' : 'comparing.whole.narrower', ['percent' => self::percent(abs($motion->stretch() - 1))]),
                abs($lean) < 0.3 ? null : Say::it($lean > 0 ? 'comparing.whole.leans left' : 'comparing.whole.leans right', ['degrees' => Fractions::places(Rational::near(abs($lean), 1), 1)]),
            ])))]);
        }

        return Say::it('comparing.first.whole', ['how' => $this->how($motion, $verdict->middleX, $verdict->middleY, $this->plan->layout->fitted->area->width->toFloat())]);
    }

    /** @param  'first'|'also'  $as  whether it is to be mended first, or comes after */
    private function finding(Finding $finding, string $as): string
    {
        if ($finding->groups === []) {
            $one = $finding->places[0];

            return $one->isInWrongCell()
                ? $this->wrongCell($one)
                : Say::it("comparing.{$as}.point", ['name' => $this->label($one->measured->name), 'off' => $this->way(...$one->rest)]);
        }
        $group = $finding->groups[0];
        $how = $finding->cells === null
            ? $this->how($group->motion, $group->middle[0], $group->middle[1], 60.0)
            : $this->cells(...$finding->cells);
        $names = array_map($this->label(...), $finding->names());
        $some = Say::listed(array_slice($names, 0, self::NAMED));
        if (count($names) > 1) {
            return Say::it("comparing.{$as}.".($finding->cells === null ? 'neighbours' : 'things'), ['names' => $some, 'how' => $how]);
        }
        // That its own ends come along goes without saying.
        $with = array_filter($finding->places, fn (Judged $one): bool => ($this->ends[$one->measured->name] ?? null) !== $names[0]);

        return $with === []
            ? Say::it("comparing.{$as}.thing alone", ['thing' => $names[0], 'how' => $how])
            : Say::it("comparing.{$as}.thing", ['thing' => $names[0], 'how' => $how, 'names' => $this->listed(array_values($with))]);
    }

    private function wrongCell(Judged $one): string
    {
        $addresses = $this->plan->layout->addresses;
        $cell = $this->plan->layout->cell();
        // Over a line by less than half a cell nobody took the wrong one: how far is worth more.
        if (abs($one->rest[0]) < $cell->width->toFloat() / 2 && abs($one->rest[1]) < $cell->height->toFloat() / 2) {
            return Say::it('comparing.first.over the line', ['name' => $this->label($one->measured->name), 'cell' => $addresses->of(...$one->cell), 'in' => $addresses->of(...$one->cameOutIn), 'off' => $this->way(...$one->rest)]);
        }
        [$columns, $rows] = [$one->cameOutIn[0] - $one->cell[0], $one->cameOutIn[1] - $one->cell[1]];

        return Say::it('comparing.first.wrong cell', [
            'name' => $this->label($one->measured->name), 'cell' => $addresses->of(...$one->cell), 'in' => $addresses->of(...$one->cameOutIn),
            'by' => $this->cells($columns, $rows),
        ]);
    }

    /** `one row too low and 2 columns too far left` */
    private function cells(int $columns, int $rows): string
    {
        return Say::listed(array_values(array_filter([
            $rows === 0 ? null : Say::counted($rows > 0 ? 'comparing.rows low' : 'comparing.rows high', abs($rows)),
            $columns === 0 ? null : Say::counted($columns > 0 ? 'comparing.columns right' : 'comparing.columns left', abs($columns)),
        ])));
    }

    /**
     * How something moved: where to, turned, and of which size; only what shows.
     *
     * @param  float  $across  mm over which a turn or a size shows
     */
    private function how(Motion $motion, float $x, float $y, float $across): string
    {
        $shows = $this->plan->choices->notation->ruler->step->toFloat() / 2;
        [$right, $down] = $motion->at($x, $y);
        $parts = [
            hypot($right, $down) < $shows ? null : $this->way($right, $down),
            abs(deg2rad($motion->turn())) * $across / 2 < $shows ? null : Say::it($motion->turn() > 0 ? 'comparing.whole.clockwise' : 'comparing.whole.anticlockwise', ['degrees' => Fractions::places(Rational::near(abs($motion->turn()), 1), 1)]),
            abs($motion->size() - 1) * $across / 2 < $shows ? null : Say::it($motion->size() > 1 ? 'comparing.whole.larger' : 'comparing.whole.smaller', ['percent' => self::percent(abs($motion->size() - 1))]),
        ];
        $said = array_values(array_filter($parts, static fn (?string $part): bool => $part !== null));

        return $said === [] ? $this->way($right, $down) : Say::listed($said);
    }

    /** `1/4 in too low and 1/8 in too far left`; what the ruler does not tell is left out. */
    public function way(float $right, float $down): string
    {
        $parts = [];
        foreach ([[$down, 'low', 'high'], [$right, 'right', 'left']] as [$by, $plus, $minus]) {
            $reading = $this->plan->choices->notation->ruler->round(Length::mm(Rational::near(abs($by), 4)))->reading;
            $reading->isZero() || $parts[] = [abs($by), Say::it('comparing.too.'.($by > 0 ? $plus : $minus), ['by' => $this->plan->choices->notation->plain($reading)])];
        }
        // What is more is said first.
        usort($parts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $parts === [] ? Say::it('comparing.too.little') : Say::listed(array_column($parts, 1));
    }

    /** How far off, as the ruler reads it. */
    private function off(float $mm): string
    {
        return $this->plan->choices->notation->ruler->round(Length::mm(Rational::near($mm, 4)))->reading->isZero() ? Say::it('comparing.hardly') : Say::it('comparing.off', ['off' => $this->length($mm)]);
    }

    private function length(float $mm): string
    {
        return $this->plan->choices->notation->plain($this->plan->choices->notation->ruler->round(Length::mm(Rational::near($mm, 4)))->reading);
    }

    private static function percent(float $share): string
    {
        return Fractions::places(Rational::near(100 * $share, 1), 1);
    }

    /** @param  list<Judged>  $places */
    private function listed(array $places): string
    {
        // What the artist marked is named; what the program chose, only where there is nothing else.
        $marked = array_values(array_filter($places, fn (Judged $one): bool => ! in_array($one->measured->name, $this->chosen, true)));

        return Say::listed(array_map(fn (Judged $one): string => $this->label($one->measured->name), array_slice($marked === [] ? $places : $marked, 0, 6)));
    }
}
