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
use App\Wording\Spoken;
use InchLadder\Grid\Hairlines;
use InchLadder\Layout\Hand;
use InchLadder\Marks\Out\MarkingOut;
use InchLadder\Marks\Out\Rule;
use InchLadder\Marks\Out\Step;
use InchLadder\Marks\Out\Tick;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
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

    private function step(Step $step): MarkingStepJson
    {
        return new MarkingStepJson($step->key, $this->name($step), $this->words($step), [
            ...array_map(fn (Tick $tick): MarkingTickJson => $this->tick($step, $tick), $step->ticks),
            ...array_map($this->rule(...), $step->rules),
            ...array_map(fn (string $look, int $i): MarkingTickJson => $this->look($step, $look, "{$step->key}-look-".($i + 1)), $step->looks, array_keys($step->looks)),
        ]);
    }

    private function name(Step $step): string
    {
        return match ($step->key) {
            'corner' => 'The zero corner',
            'top' => 'The top edge',
            'straight' => 'Pull the ruler straight down',
            'bottom' => 'The bottom edge',
            'left' => 'The left edge',
            'right' => 'The right edge',
            'between' => 'In between, for the short ruler',
            'beside' => 'In between, across',
            'check' => 'Look twice before ruling',
            'join' => 'Join the ticks',
            'finer' => 'The finer lines',
        };
    }

    /** @return list<string> */
    private function words(Step $step): array
    {
        $board = $this->out->board;
        $zero = $this->out->zero;
        $thing = $board->name === 'paper' ? 'sheet' : 'print';
        $reach = $this->out->reach;

        return array_values(array_filter(match ($step->key) {
            'corner' => [
                $board->name === 'photo' ? 'Is this a print you cherish? Then mark a copy of it, or print the grid on clear film; what is drawn on a print stays.' : null,
                "All lengths are measured from the {$thing}’s ".($board->bordered ? 'own ' : '')."top {$zero} corner".($board->bordered ? ', its border and all' : '').'. Put a small dot there, and never measure from another.',
                $board->mirrored ? "The photo is seen mirrored, the print is not: on the print all is measured from its {$zero} edge, so that line 1 here is line 1 on the paper." : null,
                $board->straightened === 0.0 ? null : 'The photo was straightened by '.Fractions::places(Rational::near(abs($board->straightened), 2), 2).'°, so on the print the lines lean: each has a reading of its own at either end, where it meets the print’s edges.',
                'The longest line is '.$this->read($this->out->longestLine()).', the diagonal '.$this->read(Length::mm(Rational::near($board->inner->diagonal(), 3))).($reach !== null && $this->out->longestLine()->isLongerThan($reach) ? '; your ruler of '.$this->notation->plain($reach).' is laid more than once.' : '.'),
                $this->legend(),
            ],
            'top' => ["Lay the ruler along the top edge, its 0 at the top {$zero} corner.", $this->laying($step), $this->legend()],
            'straight' => ["Slide the ruler straight down the {$thing} to its bottom edge. Do not turn it: 0 stays at the {$zero}.", 'Turned round, it would measure from the other side, and every line would slant by what the sheet is longer or shorter than you think.'],
            'bottom' => [($board->leans() ? 'Other readings' : 'The same readings')." along the bottom edge, 0 at the bottom {$zero} corner."],
            'left' => ['Down the left edge, 0 at the top.'],
            'right' => ['Down the right edge, 0 at the top, not at the bottom: this is the edge where a ruler is easily turned.'],
            'between' => ['An upright line is longer than the ruler. Make the same ticks again on a level '.implode(' and ', array_map(fn (Length $row): string => $this->read($row), $step->rows)).' down from the top edge, so that each piece can be ruled in one laying.'],
            'beside' => ['A level line is longer than the ruler. Make the same ticks as down the sides again on an upright '.implode(' and ', array_map(fn (Length $row): string => $this->read($row), $step->rows))." from the {$zero} edge."],
            'check' => ['Before a line is ruled, and before anything that lasts is drawn:'],
            'finer' => ['Some cells are cut finer. Their lines are measured from the same zero corner as all others, and ruled only as far as they are to go; where a cell is only ticked, make the ticks and leave it at that.'],
            'join' => ['Rule each line through its two ticks, the ruler on both before the pencil moves. A centre line rests on its two mid-edge ticks, not on the centre.', $this->out->hand === Hand::Left ? 'Upright lines from the right, so that the hand stays off what was drawn.' : 'Upright lines from the left, then the level ones from the top.'],
        }));
    }

    /** How the ruler is kept in place, or laid on again where it is too short. */
    private function laying(Step $step): string
    {
        $reach = $this->out->reach;
        $again = $reach !== null && array_filter($step->ticks, static fn (Tick $tick): bool => $tick->laying > 1) !== [];

        return 'Make a small tick at each reading, and do not step from tick to tick. '.($again
            ? 'Where the ruler ends, '.$this->notation->plain($reach).', make a faint tick, put its 0 there, and go on.'
            : 'Do not lift the ruler in between.');
    }

    /** A photo's lengths are not the paper's; whichever is marked, the other cell stands beside it. */
    private function legend(): ?string
    {
        $print = $this->plan->layout->printCell();
        $size = fn ($cell): string => $this->notation->amount($this->notation->ruler->round($cell->width)->reading).' × '.$this->read($cell->height);

        return $print === null ? null : "A cell is {$size($print)} on the photo, {$size($this->plan->layout->cell())} on the paper.";
    }

    private function tick(Step $step, Tick $tick): MarkingTickJson
    {
        $laid = $tick->laying === 1 ? '' : 'laid on '.['', '', 'again', 'a third time', 'a fourth time'][min(4, $tick->laying)].': its 0 at '.$this->notation->plain($tick->zeroAt).', read '.$this->notation->plain($tick->onRuler);
        $rounded = $tick->at->isExact() ? '' : 'the reading is '.$this->notation->error($tick->at);

        return new MarkingTickJson(
            $tick->key,
            $tick->line,
            $this->notation->amount($tick->at->reading),
            implode('; ', array_filter([$laid, $rounded])),
            "line {$tick->line}, ".Spoken::of($tick->at->reading, $this->notation->unit).($tick->laying === 1 ? '' : ', ruler laid on, reads '.Spoken::of($tick->onRuler, $this->notation->unit)),
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
            $name = $this->named($rule),
            $this->ends($rule, fn (Tick $tick): string => $this->notation->amount($tick->at->reading)),
            ($rule->finer === null ? ($rule->upright ? 'upright' : 'level')." line {$rule->line}" : $name).', '.$this->ends($rule, fn (Tick $tick): string => Spoken::of($tick->at->reading, $this->notation->unit)),
            new BoxJson($x, $y, $across, $down),
            $this->isMade($rule->key, self::place($rule->from).' '.self::place($rule->to)),
        );
    }

    /** `upright 3`; `B2, upright 1/3` for a finer line */
    private function named(Rule $rule): string
    {
        $way = $rule->upright ? 'upright' : 'level';
        if ($rule->finer === null) {
            return "{$way} {$rule->line}";
        }
        $division = $rule->finer->division;

        return "{$this->plan->layout->addresses->of($division->column, $division->row)}, {$way} ".Rational::nd($rule->finer->cut, $division->parts);
    }

    /**
     * Where a line's two ticks are.
     *
     * @param  \Closure(Tick): string  $read
     */
    private function ends(Rule $rule, \Closure $read): string
    {
        [$from, $to] = [$rule->from, $rule->to];
        if ($rule->finer !== null) {
            return ($rule->finer->division->hairlines === Hairlines::Ticks ? 'ticks only' : ($rule->upright ? 'top to bottom' : 'left to right')).', at '.($from->at->reading->equals($to->at->reading) ? $read($from) : "{$read($from)} and {$read($to)}");
        }
        if ($from->at->reading->equals($to->at->reading) && [$from->edge, $to->edge] === ($rule->upright ? ['top', 'bottom'] : ['left', 'right'])) {
            return ($rule->upright ? 'top to bottom' : 'left to right').", both ticks at {$read($from)}";
        }

        return "from {$read($from)} on the {$from->edge} edge to {$read($to)} on the {$to->edge}";
    }

    private function look(Step $step, string $look, string $key): MarkingTickJson
    {
        $board = $this->out->board;
        $last = fn (string $edge): string => $this->read($this->lastOn($edge));
        $size = $board->size;
        $diagonal = Length::mm(Rational::near($size->diagonal(), 3));
        [$reads, $more] = match ($look) {
            'square' => ['The set square is true', 'Draw along it, flip it over on the same edge, draw again: the two lines lie on each other. Then lay it in the corner.'],
            'diagonals' => ['The '.($board->name === 'paper' ? 'sheet' : 'print').' is square', 'Both of its own diagonals are '.$this->read($diagonal).', or at least alike.'],
            'slid' => ['Slid, not turned', 'The maker’s name on the ruler reads the same way as before.'],
            'last' => ['The last ticks are right', "They stand at {$last('top')} across and {$last('left')} down, measured once more from 0."],
            'remainder' => ['What is left over agrees', 'From the last tick to the edge: '.$this->read($size->width->minus($this->lastOn('top'))).' across, '.$this->read($size->height->minus($this->lastOn('left'))).' down.'],
            'ends' => ['Both ends lie on their ticks', 'Lay the ruler for one line and look at both ends of it.'],
            'corners' => ['All four edges began at the same corner', 'The first spaces at the top and at the bottom look alike; so do those left and right.'],
            default => ['The spacing is tried', 'If the lines are to last (marker, ink, on a print), rule two in pencil first and measure the space between them at both ends. A lasting line cannot be undone.'],
        };

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
        return match ($moved = $this->movedMarks()) {
            0 => '',
            1 => 'One mark was made before the plan changed; it belongs elsewhere now.',
            default => "{$moved} marks were made before the plan changed; they belong elsewhere now. Rub them out before they are ruled.",
        };
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
