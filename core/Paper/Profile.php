<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** What a sheet's surface stands: how much tooth it has, whether it can be erased on and wetted (common practice), and whether it is delicate, as its owner says. */
final readonly class Profile
{
    public function __construct(public Surface $surface, public bool $delicate)
    {
    }

    /** @param  Surface|null  $surface  null for what its colour makes likely: a sheet that is neither white nor cream is toned */
    public static function of(?Surface $surface, Colour $colour, bool $delicate): self
    {
        return new self($surface ?? (in_array($colour, [Colour::White, Colour::Cream], true) ? Surface::Toothed : Surface::Toned), $delicate);
    }

    /** 0 smooth, 1 some, 2 rough */
    public function tooth(): int
    {
        return match ($this->surface) {
            Surface::Smooth, Surface::Print => 0,
            Surface::Toothed, Surface::Toned, Surface::Board => 1,
            Surface::Watercolour, Surface::Canvas => 2,
        };
    }

    /** 0 none, 1 a little, 2 well */
    public function erasing(): int
    {
        return match (true) {
            $this->surface === Surface::Print => 0,
            $this->delicate, $this->surface === Surface::Watercolour, $this->surface === Surface::Toned => 1,
            default => 2,
        };
    }

    public function takesWet(): bool
    {
        return in_array($this->surface, [Surface::Watercolour, Surface::Canvas, Surface::Board], true);
    }

    /** Whether light shows through it, by a light box or a window. */
    public function letsLightThrough(): bool
    {
        return in_array($this->surface, [Surface::Smooth, Surface::Toothed], true);
    }

    /** Whether the drawing is better made on another sheet and carried over: where erasing would show. */
    public function isDrawnApart(): bool
    {
        return $this->erasing() < 2;
    }

    /** Why, or why not, by its name in lang/en/paper. */
    public function reason(): string
    {
        return match (true) {
            $this->surface === Surface::Print => 'print',
            $this->delicate => 'delicate',
            $this->surface === Surface::Watercolour => 'size',
            $this->surface === Surface::Toned => 'toned',
            default => 'stands-it',
        };
    }
}
