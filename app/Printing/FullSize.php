<?php

declare(strict_types=1);

namespace App\Printing;

use App\Models\Drawing;
use App\Wording\Say;
use App\Wording\Writing;
use InchLadder\Plan\Plan;

/** What lies on a sheet at the size of the drawing: its strokes, the marks to lay and hinge it by, and its lines where they are wanted; over as many pages as it takes. */
final readonly class FullSize
{
    public Plan $plan;

    /** Mm of the drawing. */
    public float $width;

    public float $height;

    /** @param  bool  $mirrored  whether it is printed left for right */
    public function __construct(private Drawing $drawing, private PrintOptions $options, private bool $mirrored)
    {
        $this->plan = $drawing->plan();
        $size = At::Drawing->size($this->plan);
        [$this->width, $this->height] = [$size->width->toFloat(), $size->height->toFloat()];
    }

    /** To be carried over: mirrored as it is wanted, and, where the way it is carried over turns it round, whatever is wanted. */
    public static function carried(Drawing $drawing, PrintOptions $options): self
    {
        return new self($drawing, $options, $options->mirrored || $drawing->plan()->choices->transfer?->turnsRound() === true);
    }

    public function isMirrored(): bool
    {
        return $this->mirrored;
    }

    /**
     * @param  string  $key  of its words in lang/en/printing
     * @param  list<Element>  $marks  mm from the drawing's corner
     * @param  list<string>  $notes  read before it is laid down
     * @param  Picture|null  $under  what lies under them, turned already where it is mirrored
     */
    public function pages(string $key, array $marks, array $notes, ?Picture $under = null): Pages
    {
        $board = Ruling::of($this->drawing, $this->plan, false)->board($this->width, $this->height, false, null, [...$marks, ...Hinges::on($this->width, $this->height)], lines: $this->options->lines);
        $board = $under === null ? $board : $board->laidOn($under);
        $title = $this->drawing->title();

        return (new TiledLayout(
            $this->mirrored ? $board->mirrored() : $board,
            $title,
            implode(', ', array_filter([Say::it("printing.{$key}.title", ['title' => mb_strimwidth($title, 0, 24, '…')]), $this->mirrored ? Say::it('printing.trace.mirrored') : null])),
            $this->options->unit->isMetric(),
            [...$notes, Say::it('printing.trace.hinge')],
        ))->on($this->options->printer);
    }

    /** Where its corner marks go on the good sheet, from two of its edges. */
    public function lands(): string
    {
        $write = new Writing($this->plan->choices->notation);

        return Say::it('printing.contour.lands', ['left' => $write->reading($this->plan->layout->left), 'top' => $write->reading($this->plan->layout->top)]);
    }
}
