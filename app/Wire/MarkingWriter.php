<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\Drawing;
use App\Models\MarkTick;
use App\Wire\Json\BoxJson;
use App\Wire\Json\MarkingJson;
use App\Wire\Json\MarkingStepJson;
use App\Wire\Json\MarkingTickJson;
use App\Wire\Json\NotedJson;
use App\Wording\Say;
use App\Wording\Spoken;
use App\Wording\Writing;
use InchLadder\Grid\Hairlines;
use InchLadder\Marks\Out\MarkingOut;
use InchLadder\Marks\Out\Rule;
use InchLadder\Marks\Out\Step;
use InchLadder\Marks\Out\Tick;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

/** Writes the walk through marking out: what to do, in words, and every tick as it is read off the ruler. */
final readonly class MarkingWriter
{
    private Notation $notation;

    /** @var array<string, string> tick => where it was when it was made */
    private array $made;

    public function __construct(private Plan $plan, private MarkingOut $out, private Drawing $drawing)
    {
        $board = $out->board;
        $this->notation = new Notation($plan->choices->notation->unit, $board->ruler->unit->isMetric() === $plan->choices->notation->unit->isMetric() ? $board->ruler : $plan->choices->notation->ruler);
        $this->made = $drawing->markTicks()->where('board', $board->name)->get()->mapWithKeys(static fn (MarkTick $tick): array => [$tick->tick => $tick->place])->all();
    }

    public function json(): MarkingJson
    {
        $board = $this->out->board;
        $share = static fn (Length $part, Length $whole): float => $part->over($whole)->toFloat();
        [$wide, $high] = [$board->size->width, $board->size->height];

        return new MarkingJson(
            $board->name,
            $this->out->zero,
            $board->size->ratio()->toFloat(),
            new BoxJson($share($board->left, $wide), $share($board->top, $high), $share($board->inner->width, $wide), $share($board->inner->height, $high)),
            array_map($this->step(...), $this->out->steps),
            $this->moved(),
            NotedJson::of($this->drawing),
        );
    }

    /** @return array<string, string> every tick of the board with its place, as it is kept when made */
    public function places(): array
    {
        $places = [];
        foreach ($this->out->steps as $step) {
            foreach ($step->ticks as $tick) {
                $places[$tick->key] = self::place($tick);
            }
            foreach ($step->rules as $rule) {
                $places[$rule->key] = self::place($rule->from).' '.self::place($rule->to);
            }
            foreach ($step->looks as $i => $look) {
                $places["{$step->key}-look-".($i + 1)] = '';
            }
        }

        return $places;
    }

    /** @return array{int, int} all there is to make, and how much of it is made where the plan has it now */
    public function tally(): array
    {
        $places = $this->places();

        return [count($places), count(array_intersect_assoc($this->made, $places))];
    }

    private function step(Step $step): MarkingStepJson
    {
        return new MarkingStepJson($step->key, Say::it("marking.step.{$step->key}"), $this->words($step), [
            ...array_map(fn (Tick $tick): MarkingTickJson => $this->tick($step, $tick), $step->ticks),
            ...array_map($this->rule(...), $step->rules),
            ...array_map(fn (string $look, int $i): MarkingTickJson => $this->look($step, $look, "{$step->key}-look-".($i + 1)), $step->looks, array_keys($step->looks)),
        ]);
    }

    /** @return list<string> */
    private function words(Step $step): array
    {
        $board = $this->out->board;
        $zero = ['start' => Say::it("marking.side.{$this->out->zero}")];
        $rows = ['rows' => Say::listed(array_map($this->read(...), $step->rows))];

        return array_values(array_filter(match ($step->key) {
            'corner' => [
                $board->name === 'photo' ? Say::it('marking.cherished') : null,
                Say::it('marking.zero.'.($board->bordered ? 'bordered' : $board->name), $zero),
                $board->mirrored ? Say::it('marking.mirrored', $zero) : null,
                $board->straightened === 0.0 ? null : Say::it('marking.straightened', ['degrees' => Fractions::places(Rational::near(abs($board->straightened), 2), 2)]),
                $this->longest(),
                $this->legend(),
            ],
            'top' => [Say::it('marking.lay along the top', $zero), $this->laying($step), $this->legend()],
            'straight' => [Say::it("marking.slide.{$board->name}", $zero), Say::it('marking.slide.why')],
            'bottom' => [Say::it('marking.along the bottom.'.($board->leans() ? 'other' : 'same'), $zero)],
            'left' => [Say::it('marking.down the left')],
            'right' => [Say::it('marking.down the right')],
            'between' => [Say::it('marking.between', $rows)],
            'beside' => [Say::it('marking.beside', $rows + $zero)],
            'check' => [Say::it('marking.check')],
            'finer' => [Say::it('marking.finer')],
            'join' => [Say::it('marking.join.through both'), Say::it("marking.join.{$this->out->hand->value}")],
        }));
    }

    private function longest(): string
    {
        [$line, $reach] = [$this->out->longestLine(), $this->out->reach];
        $says = ['line' => $this->read($line), 'diagonal' => $this->read(Length::mm(Rational::near($this->out->board->inner->diagonal(), 3)))];

        return $reach !== null && $line->isLongerThan($reach)
            ? Say::it('marking.longest.more than once', $says + ['reach' => $this->notation->plain($reach)])
            : Say::it('marking.longest.once', $says);
    }

    /** How the ruler is kept in place, or laid on again where it is too short. */
    private function laying(Step $step): string
    {
        $reach = $this->out->reach;
        $again = $reach !== null && array_filter($step->ticks, static fn (Tick $tick): bool => $tick->laying > 1) !== [];

        return $again ? Say::it('marking.tick each reading.again', ['reach' => $this->notation->plain($reach)]) : Say::it('marking.tick each reading.in one laying');
    }

    /** A photo's lengths are not the paper's; whichever is marked, the other cell stands beside it. */
    private function legend(): ?string
    {
        $print = $this->plan->layout->printCell();
        $size = fn (Size $cell): string => $this->notation->amount($this->notation->ruler->round($cell->width)->reading).' × '.$this->read($cell->height);

        return $print === null ? null : Say::it('marking.cells', ['print' => $size($print), 'paper' => $size($this->plan->layout->cell())]);
    }

    private function tick(Step $step, Tick $tick): MarkingTickJson
    {
        $laid = $tick->laying === 1 ? '' : Say::it('marking.laid on.'.min(4, $tick->laying), [
            'start' => $this->notation->plain($tick->zeroAt),
            'reading' => $this->notation->plain($tick->onRuler),
        ]);
        $rounded = $tick->at->isExact() ? '' : Say::it('marking.off', ['error' => (new Writing($this->notation))->error($tick->at)]);

        return new MarkingTickJson(
            $tick->key,
            $tick->line,
            $this->notation->amount($tick->at->reading),
            implode('; ', array_filter([$laid, $rounded])),
            Say::it('marking.tick.'.($tick->laying === 1 ? 'once' : 'again'), ['line' => $tick->line, 'reading' => $this->aloud($tick->at->reading), 'onward' => $this->aloud($tick->onRuler)]),
            $this->at($step, $tick),
            $this->isMade($tick->key, self::place($tick)),
        );
    }

    private function rule(Rule $rule): MarkingTickJson
    {
        $size = $this->out->board->size;
        [$x, $y] = [$rule->on->start[0]->over($size->width)->toFloat(), $rule->on->start[1]->over($size->height)->toFloat()];
        [$across, $down] = [$rule->on->end[0]->over($size->width)->toFloat() - $x, $rule->on->end[1]->over($size->height)->toFloat() - $y];

        return new MarkingTickJson(
            $rule->key,
            $rule->line,
            $this->named($rule),
            $this->ends($rule, $this->notation->amount(...)),
            $this->named($rule, ' aloud').', '.$this->ends($rule, $this->aloud(...)),
            new BoxJson($x, $y, $across, $down),
            $this->isMade($rule->key, self::place($rule->from).' '.self::place($rule->to)),
        );
    }

    /**
     * `upright 3`; `B2, upright 1/3` for a finer line.
     *
     * @param  ''|' aloud'  $how
     */
    private function named(Rule $rule, string $how = ''): string
    {
        $way = $rule->upright ? 'upright' : 'level';
        if ($rule->finer === null) {
            return Say::it("marking.line.{$way}{$how}", ['line' => $rule->line]);
        }
        $division = $rule->finer->division;

        return Say::it("marking.finer line.{$way}", ['cell' => $this->plan->layout->addresses->of($division->column, $division->row), 'cut' => (string) Rational::nd($rule->finer->cut, $division->parts)]);
    }

    /**
     * Where a line's two ticks are.
     *
     * @param  \Closure(Length): string  $read
     */
    private function ends(Rule $rule, \Closure $read): string
    {
        [$from, $to] = [$rule->from, $rule->to];
        $isSame = $from->at->reading->equals($to->at->reading);
        $says = [
            'runs' => Say::it('marking.runs.'.($rule->finer?->division->hairlines === Hairlines::Ticks ? 'ticks' : ($rule->upright ? 'upright' : 'level'))),
            'from' => $read($from->at->reading), 'to' => $read($to->at->reading), 'edge' => Say::it("marking.side.{$from->edge}"), 'far' => Say::it("marking.side.{$to->edge}"),
        ];

        return match (true) {
            $rule->finer !== null => Say::it('marking.ends.'.($isSame ? 'at' : 'both at'), $says),
            $isSame && [$from->edge, $to->edge] === ($rule->upright ? ['top', 'bottom'] : ['left', 'right']) => Say::it('marking.ends.same', $says),
            default => Say::it('marking.ends.other', $says),
        };
    }

    private function look(Step $step, string $look, string $key): MarkingTickJson
    {
        $board = $this->out->board;
        [$across, $down] = [$this->lastOn('top'), $this->lastOn('left')];
        $says = [
            'thing' => Say::it("marking.thing.{$board->name}"), 'diagonal' => $this->read(Length::mm(Rational::near($board->size->diagonal(), 3))),
            'across' => $this->read($across), 'down' => $this->read($down),
            'remains_across' => $this->read($board->size->width->minus($across)), 'remains_down' => $this->read($board->size->height->minus($down)),
        ];
        [$reads, $more] = [Say::it("marking.look.{$look}.0", $says), Say::it("marking.look.{$look}.1", $says)];

        return new MarkingTickJson($key, null, $reads, $more, "{$reads}. {$more}", null, $this->isMade($key, ''));
    }

    private function lastOn(string $edge): Length
    {
        foreach ($this->out->steps as $step) {
            if ($step->key === $edge && $step->ticks !== []) {
                return $step->ticks[count($step->ticks) - 1]->at->reading;
            }
        }

        return Length::zero();
    }

    private function at(Step $step, Tick $tick): BoxJson
    {
        $size = $this->out->board->size;
        $x = $this->fromLeft($tick->at->exact->over($size->width)->toFloat());
        $y = $tick->at->exact->over($size->height)->toFloat();

        return match (true) {
            $step->key === 'bottom' => new BoxJson($x, 1, 0, 0),
            $step->key === 'left' => new BoxJson(0, $y, 0, 0),
            $step->key === 'right' => new BoxJson(1, $y, 0, 0),
            $step->key === 'between' => new BoxJson($x, $this->row($step, $tick)->over($size->height)->toFloat(), 0, 0),
            $step->key === 'beside' => new BoxJson($this->fromLeft($this->row($step, $tick)->over($size->width)->toFloat()), $y, 0, 0),
            default => new BoxJson($x, 0, 0, 0),
        };
    }

    /** A share of the board from its zero edge, as one from its left. */
    private function fromLeft(float $share): float
    {
        return $this->out->zero === 'right' ? 1 - $share : $share;
    }

    /** How far down, or across, a tick in between stands; its name begins with that: `row2-3`, `col1-4`. */
    private function row(Step $step, Tick $tick): Length
    {
        return $step->rows[(int) substr($tick->key, 3) - 1];
    }

    private function isMade(string $key, string $place): bool
    {
        return ($this->made[$key] ?? null) === $place;
    }

    /** How many were made that belong elsewhere by the plan. */
    public function movedMarks(): int
    {
        $places = $this->places();

        return count(array_filter($this->made, static fn (string $place, string $key): bool => ($places[$key] ?? null) !== $place, ARRAY_FILTER_USE_BOTH));
    }

    private function moved(): string
    {
        $moved = $this->movedMarks();

        return $moved === 0 ? '' : Say::counted('marking.moved', $moved);
    }

    private function aloud(Length $reading): string
    {
        return Spoken::of($reading, $this->notation->unit);
    }

    private function read(Length $length): string
    {
        return $this->notation->plain($this->notation->ruler->round($length)->reading);
    }

    private static function place(Tick $tick): string
    {
        return $tick->place->exact();
    }
}
