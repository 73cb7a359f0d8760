<?php

declare(strict_types=1);

namespace App\Printing;

/** Something to print that may be larger than any page: strokes and a picture, in mm from its top left corner. */
final readonly class Artwork
{
    /**
     * @param  list<Element>  $marks  over the picture
     * @param  Rectangle|null  $pictured  where the plate lies
     */
    public function __construct(public float $width, public float $height, private array $marks, private ?RasterLayer $plate = null, public ?Rectangle $pictured = null)
    {
    }

    /** @return list<Element> */
    public function all(): array
    {
        return $this->over(new Rectangle(0, 0, $this->width, $this->height));
    }

    /** @return list<Element> what shows in a window, from the window's corner */
    public function within(Rectangle $window): array
    {
        $shown = array_map(static fn (Element $mark): ?Element => $mark->within($window)?->movedBy(-$window->x, -$window->y), $this->over($window));

        return array_values(array_filter($shown));
    }

    /** The whole board as a small picture with its frame. */
    public function map(Rectangle $on): ?Picture
    {
        return $this->plate === null || $this->pictured === null ? null : $this->plate->small($this->pictured->of(new Rectangle(0, 0, $this->width, $this->height))->in($on), 900);
    }

    /** Back to front: the strokes here, the pixels on a plate that was made so. */
    public function mirrored(): self
    {
        return new self($this->width, $this->height, array_map(fn (Element $mark): Element => $mark->mirrored($this->width), $this->marks), $this->plate,
            $this->pictured === null ? null : new Rectangle($this->width - $this->pictured->right(), $this->pictured->y, $this->pictured->width, $this->pictured->height));
    }

    /** The same with a picture under its strokes that is no plate. */
    public function laidOn(Picture $picture): self
    {
        return new self($this->width, $this->height, [$picture, ...$this->marks], $this->plate, $this->pictured);
    }

    /** @return list<Element> all strokes, over the pixels that a window needs */
    private function over(Rectangle $window): array
    {
        $common = $this->pictured?->common($window);

        return $this->plate === null || $this->pictured === null || $common === null
            ? $this->marks
            : [$this->plate->piece($common->of($this->pictured), $this->pictured), ...$this->marks];
    }
}
