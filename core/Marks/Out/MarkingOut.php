<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Grid\Edge;
use InchLadder\Layout\Hand;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/**
 * How a board is marked out, step by step, from one zero corner.
 *
 * Every edge is measured from the same end, so that a sheet a little out of square, or a ruler turned
 * round, does not slant the lines; each tick is rounded from its own true place.
 */
final readonly class MarkingOut
{
    /** @param  list<Step>  $steps */
    private function __construct(
        public Board $board,
        public Hand $hand,
        public array $steps,
        public ?Length $reach,
        /** The corner all lengths are measured from, left or right. */
        public string $zero,
    ) {
    }

    /** @param  Length|null  $reach  how long the ruler is, over 0; null reaches everywhere */
    public static function of(Board $board, Hand $hand, ?Length $reach): self
    {
        // On a print that is seen mirrored, line 1 is counted from the other side than on the paper.
        $zero = $board->mirrored ? 'right' : 'left';
        // The hand stays off what was just drawn; it changes the order, and no number.
        $upright = $hand === Hand::Left ? array_reverse($board->upright, true) : $board->upright;
        $rules = [...self::rules('upright', $upright, $board, $zero, $reach), ...self::rules('level', $board->level, $board, $zero, $reach)];
        $ends = array_merge(...array_map(static fn (Rule $rule): array => [$rule->from, $rule->to], $rules));
        usort($ends, static fn (Tick $a, Tick $b): int => $a->at->exact->mm->compareTo($b->at->exact->mm));
        $on = static fn (string $edge): array => array_values(array_filter($ends, static fn (Tick $tick): bool => $tick->edge === $edge));
        $before = $zero === 'left' ? $board->left : $board->size->width->minus($board->left)->minus($board->inner->width);
        $rows = $reach === null ? [] : self::between($board->top, $board->inner->height, self::reachOf($board->level), $board, $reach);
        $columns = $reach === null ? [] : self::between($before, $board->inner->width, self::reachOf($board->upright), $board, $reach);
        $sides = $hand === Hand::Left ? ['right', 'left'] : ['left', 'right'];

        return new self($board, $hand, [
            new Step('corner', looks: ['square', 'diagonals']),
            new Step('top', $on('top')),
            new Step('straight', looks: ['slid']),
            new Step('bottom', $on('bottom')),
            new Step($sides[0], $on($sides[0])),
            new Step($sides[1], $on($sides[1])),
            ...$rows === [] ? [] : [new Step('between', self::inBetween('row', $upright, $rows, $board, $zero, $reach), rows: $rows)],
            ...$columns === [] ? [] : [new Step('beside', self::inBetween('col', $board->level, $columns, $board, $zero, $reach), rows: $columns)],
            new Step('check', looks: ['last', 'remainder', 'ends', 'corners', 'spacing']),
            new Step('join', rules: $rules),
            ...$board->finer === [] ? [] : [new Step('finer', rules: self::finer($board, $zero, $reach))],
        ], $reach, $zero);
    }

    /** The longest line to rule. */
    public function longestLine(): Length
    {
        return $this->board->inner->width->isLongerThan($this->board->inner->height) ? $this->board->inner->width : $this->board->inner->height;
    }

    /**
     * Each line with a tick at either end, where it meets the board's edges; each with the number it has in the grid.
     *
     * @param  'upright'|'level'  $name
     * @param  array<int, Line>  $lines  by number
     * @return list<Rule>
     */
    private static function rules(string $name, array $lines, Board $board, string $zero, ?Length $reach): array
    {
        $upright = $name === 'upright';
        $tick = static fn (Line $line, array $end, string $side, int $number): Tick => self::tick("{$side}-{$number}", $number, $end[1], $end[0], in_array($end[0], ['top', 'bottom'], true), $board, $zero, $reach);

        return array_map(static fn (Line $line, int $number): Rule => new Rule(
            "{$name}-{$number}", $number, $upright,
            $tick($line, $line->from, $upright ? 'top' : 'left', $number),
            $tick($line, $line->to, $upright ? 'bottom' : 'right', $number),
            $line,
        ), $lines, array_keys($lines));
    }

    /**
     * The finer lines of cells that are cut, each with a tick where it begins and ends; measured from the zero corner as well.
     *
     * @return list<Rule>
     */
    private static function finer(Board $board, string $zero, ?Length $reach): array
    {
        return array_map(static function (FinerLine $finer) use ($board, $zero, $reach): Rule {
            $upright = $finer->line->upright;
            $key = "finer-{$finer->division->column}-{$finer->division->row}-".($upright ? 'upright' : 'level')."-{$finer->cut}";
            $tick = static fn (string $end, array $place): Tick => self::tick("{$key}-{$end}", $finer->cut, $place[$upright ? 0 : 1], '', $upright, $board, $zero, $reach);

            return new Rule($key, $finer->cut, $upright, $tick('from', $finer->line->start), $tick('to', $finer->line->end), $finer->line, $finer);
        }, $board->finer);
    }

    /**
     * The same lines' ticks again at places across the board, for a ruler that does not reach from edge to edge.
     *
     * @param  'row'|'col'  $name
     * @param  array<int, Line>  $lines  by number
     * @param  list<Length>  $places  from the top, or from the zero corner's side
     * @return list<Tick>
     */
    private static function inBetween(string $name, array $lines, array $places, Board $board, string $zero, ?Length $reach): array
    {
        $ticks = [];
        foreach ($places as $i => $place) {
            $from = $name === 'row' || $zero === 'left' ? $place : $board->size->width->minus($place);
            foreach ($lines as $number => $line) {
                $ticks[] = self::tick($name.($i + 1)."-{$number}", $number, $line->at($from), '', $line->upright, $board, $zero, $reach);
            }
        }

        return $ticks;
    }

    /** @param  bool  $across  whether it is measured across the board, from the zero corner's side; else down from the top */
    private static function tick(string $key, int $number, Length $at, string $edge, bool $across, Board $board, string $zero, ?Length $reach): Tick
    {
        return Tick::at($key, $number, $board->ruler->round($across && $zero === 'right' ? $board->size->width->minus($at) : $at), $reach, $edge, $at);
    }

    /**
     * How much of the board's inner side the lines that cut it span.
     *
     * @param  list<Line>  $lines  the ones that run the other way
     */
    private static function reachOf(array $lines): Length
    {
        $axis = $lines[0]->upright ? 0 : 1;

        return $lines[count($lines) - 1]->start[$axis]->minus($lines[0]->start[$axis])->absolute();
    }

    /**
     * Where lines longer than the ruler need ticks in between, evenly, so that each piece can be ruled in one laying.
     *
     * @param  Length  $before  from the board's edge to the frame
     * @param  Length  $side  of the frame, the way the lines run
     * @param  Length  $span  how long the lines are inside it
     * @return list<Length> from the board's edge
     */
    private static function between(Length $before, Length $side, Length $span, Board $board, Length $reach): array
    {
        $pieces = $span->over($reach)->ceiling();

        return $pieces < 2 ? [] : array_map(
            static fn (int $i): Length => $board->ruler->round($before->plus($span->times(Rational::nd($i, $pieces))))->reading,
            range(1, $pieces - 1),
        );
    }
}
