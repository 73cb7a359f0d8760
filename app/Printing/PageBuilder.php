<?php

declare(strict_types=1);

namespace App\Printing;

use App\Wording\Say;
use InchLadder\Printing\Printer;

/**
 * A page in the making. Everything is laid where it must be on the paper; page() then lengthens it
 * by what the printer takes away, and refuses what the printer could not reach.
 */
final class PageBuilder
{
    /** Room below for the check bar and two lines of words. */
    public const FOOT = 18.0;

    /** From one line of words to the next, of their size. */
    private const LEADING = 1.35;

    /** Left free round a page that is made for what is on it, in mm. */
    private const EDGE = 6.0;

    /** @var list<Element> */
    private array $marks = [];

    private function __construct(private readonly float $width, private readonly float $height, public readonly Rectangle $room, private readonly float $across, private readonly float $down)
    {
    }

    public static function on(Printer $printer): self
    {
        [$width, $height, $room] = [$printer->paper->width->toFloat(), $printer->paper->height->toFloat(), $printer->room()];
        [$wide, $high] = [$room->width->toFloat(), $room->height->toFloat()];

        return new self($width, $height, new Rectangle(($width - $wide) / 2, ($height - $high) / 2, $wide, $high), 1 / $printer->across->toFloat(), 1 / $printer->down->toFloat());
    }

    /** A page of just the size that is needed, for a print shop or a screen. */
    public static function madeFor(float $wide, float $high): self
    {
        return new self($wide + 2 * self::EDGE, $high + 2 * self::EDGE, new Rectangle(self::EDGE, self::EDGE, $wide, $high), 1.0, 1.0);
    }

    /** The room above the foot. */
    public function body(): Rectangle
    {
        return new Rectangle($this->room->x, $this->room->y, $this->room->width, $this->room->height - self::FOOT);
    }

    public function add(?Element ...$marks): void
    {
        array_push($this->marks, ...array_values(array_filter($marks)));
    }

    public function line(float $x1, float $y1, float $x2, float $y2, float $width = 0.2, Dash $dash = Dash::None, string $colour = '#22201d'): void
    {
        $this->add(new Line($x1, $y1, $x2, $y2, $width, $colour, $dash));
    }

    public function frame(Rectangle $box, float $width = 0.2, Dash $dash = Dash::None): void
    {
        $this->add(...Line::around($box, $width, $dash));
    }

    public function say(float $x, float $y, string $words, float $size = 3.2, Anchor $anchor = Anchor::Start, bool $strong = false): void
    {
        $this->add(...Type::line($x, $y, $words, $size, $anchor, $strong));
    }

    /** Words in as many lines as they need; y is the first baseline, and the answer the next free one. */
    public function note(float $x, float $y, float $width, string $words, float $size = 3.2): float
    {
        foreach (Type::wrap($words, $width, $size) as $line) {
            $this->say($x, $y, $line, $size);
            $y += self::LEADING * $size;
        }

        return $y;
    }

    /** How far a note will reach down, in as many lines as it needs; in mm. */
    public static function noteHeight(string $words, float $width, float $size): float
    {
        return self::LEADING * $size * count(Type::wrap($words, $width, $size));
    }

    /** Where a knife is called for. */
    public function caution(float $x, float $y, float $width): float
    {
        return $this->note($x, $y, $width, Say::it('cautions.knife'), 2.8);
    }

    /** What the sheet is, and the bar that shows whether the printer kept the size. */
    public function foot(string $says, bool $metric): void
    {
        [$x, $y, $wide] = [$this->room->x + 0.5, $this->room->bottom() - 5.5, $this->room->width - 1];
        [$length, $step, $unit] = $metric ? [1, 10.0, ' mm'] : [1, 25.4, ' in'];
        $steps = (int) max(1, min($metric ? 10 : 4, floor($wide / $step)));
        $length = $steps * $step;
        $fine = $metric ? 1 : 4;
        $this->line($x, $y, $x + $length, $y, 0.3);
        for ($i = 0; $i <= $steps * $fine; $i++) {
            $at = $x + $i * $step / $fine;
            $this->line($at, $y, $at, $y - ($i % ($metric ? 5 : 4) === 0 ? 3.0 : 1.8));
        }
        $bar = $metric ? $steps * 10 : $steps;
        $this->say($x, $y + 4, Type::shorten(Say::it('printing.bar is true', ['bar' => $bar, 'unit' => $unit]), $wide, 2.8), 2.8);
        $this->say($x, $y - 5.5, Type::shorten($says, $wide, 3.2));
    }

    /** @throws SheetImpossible when something lies where the printer does not reach */
    public function page(string $title): Page
    {
        foreach ($this->marks as $mark) {
            if (! $this->room->holds($mark->box(), 0.01)) {
                throw SheetImpossible::pageTooSmall();
            }
        }
        [$x, $y] = [$this->width / 2, $this->height / 2];
        $marks = $this->across === 1.0 && $this->down === 1.0
            ? $this->marks
            : array_map(fn (Element $mark): Element => $mark->stretched($this->across, $this->down, $x, $y), $this->marks);

        return new Page($title, $this->width, $this->height, $marks);
    }
}
