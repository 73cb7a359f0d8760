<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/** A pencil, crayon or stick that is owned, and what it leaves: pressed hard, and lightly. */
final readonly class Pencil
{
    /**
     * @param  Reflectance  $firm  as seen on white
     * @param  Reflectance|null  $soft  the same, pressed lightly; null where that was not looked at
     */
    public function __construct(public string $name, public Kind $kind, public Reflectance $firm, public ?Reflectance $soft = null)
    {
    }

    /** What it leaves on white; lightly, where that was not looked at, half of it. */
    public function left(bool $lightly): Reflectance
    {
        return $lightly ? $this->soft ?? $this->firm->halved() : $this->firm;
    }

    /** As it looks on a paper: body colour that is pressed covers it, anything else lets it through. */
    public function on(Reflectance $paper, bool $lightly = false): Reflectance
    {
        return $this->kind === Kind::Body && ! $lightly ? $this->firm : $this->left($lightly)->times($paper);
    }
}
