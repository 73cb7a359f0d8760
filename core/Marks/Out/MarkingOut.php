<?php

declare(strict_types=1);

namespace InchLadder\Marks\Out;

use InchLadder\Grid\Edge;
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
    private function __construct(public Board $board, public Hand $hand, public array $steps, public ?Length $reach)
    {
    }

    /** @param  Length|null  $reach  how long the ruler is, over 0; null reaches everywhere */
    public static function of(Board $board, Hand $hand, ?Length $reach): self
    {
        $before = $hand === Hand::Right ? $board->left : $board->size->width->minus($board->left)->minus($board->inner->width);
        $across = static fn (string $edge): array => self::ticks($edge, $board->across, $board->inner->width, $before, $hand === Hand::Left, $board, $reach);
        $down = static fn (string $edge): array => self::ticks($edge, $board->down, $board->inner->height, $board->top, false, $board, $reach);
        [$top, $bottom, $left, $right] = [$across('top'), $across('bottom'), $down('left'), $down('right')];
        $between = $reach === null ? [] : self::between($board->top, $board->inner->height, $board->down, $board, $reach);
        $beside = $reach === null ? [] : self::between($before, $board->inner->width, $board->across, $board, $reach);
        // The edge at the ruler's zero comes first, so that the hand does not rest on ticks just made.
        $sides = $hand === Hand::Right ? [new Step('left', $left), new Step('right', $right)] : [new Step('right', $right), new Step('left', $left)];

        return new self($board, $hand, [
            new Step('corner', looks: ['square', 'diagonals']),
            new Step('top', $top),
            new Step('straight', looks: ['slid']),
            new Step('bottom', $bottom),
            ...$sides,
            ...$between === [] ? [] : [new Step('between', array_merge(...array_map(static fn (int $i): array => $across('row'.($i + 1)), array_keys($between))), rows: $between)],
            ...$beside === [] ? [] : [new Step('beside', array_merge(...array_map(static fn (int $i): array => $down('col'.($i + 1)), array_keys($beside))), rows: $beside)],
            new Step('check', looks: ['last', 'remainder', 'both ends', 'same corner', 'spacing']),
            new Step('join', rules: [...self::rules('upright', true, $top, $bottom), ...self::rules('level', false, $left, $right)]),
        ], $reach);
    }

    /** The longest line to rule. */
    public function longestLine(): Length
    {
        return $this->board->inner->width->isLongerThan($this->board->inner->height) ? $this->board->inner->width : $this->board->inner->height;
    }

    /**
     * @return list<Tick> from the zero corner on
     */
    private static function ticks(string $name, Edge $edge, Length $side, Length $before, bool $mirrored, Board $board, ?Length $reach): array
    {
        $fractions = $mirrored ? array_map(static fn (Rational $share): Rational => Rational::one()->minus($share), array_reverse($edge->fractions)) : $edge->fractions;

        return array_map(
            static fn (Rational $share, int $line): Tick => Tick::at("{$name}-{$line}", $line, $board->ruler->round($before->plus($side->times($share))), $reach),
            $fractions,
            array_keys($fractions),
        );
    }

    /**
     * Where lines longer than the ruler need ticks in between, evenly, so that each piece can be ruled in one laying.
     *
     * @param  Length  $before  from the board's edge to the frame
     * @param  Length  $side  of the frame, the way the lines run
     * @return list<Length> from the board's edge
     */
    private static function between(Length $before, Length $side, Edge $edge, Board $board, Length $reach): array
    {
        $span = $side->times($edge->fractions[count($edge->fractions) - 1]->minus($edge->fractions[0]));
        $pieces = $span->over($reach)->ceiling();

        return $pieces < 2 ? [] : array_map(
            static fn (int $i): Length => $board->ruler->round($before->plus($span->times(Rational::nd($i, $pieces))))->reading,
            range(1, $pieces - 1),
        );
    }

    /**
     * @param  list<Tick>  $from
     * @param  list<Tick>  $to
     * @return list<Rule>
     */
    private static function rules(string $name, bool $upright, array $from, array $to): array
    {
        return array_map(static fn (Tick $a, Tick $b): Rule => new Rule("{$name}-{$a->line}", $a->line, $upright, $a, $b), $from, $to);
    }
}
