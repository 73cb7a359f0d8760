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

    /** As it looks on a ground: a thin layer lets it through; body colour that is pressed covers it, and laid lightly leaves some of it bare. */
    public function on(Reflectance $ground, bool $lightly = false): Reflectance
    {
        return match (true) {
            $this->kind !== Kind::Body => $this->left($lightly)->times($ground),
            $lightly => $this->firm->scattered($ground, $this->bare()),
            default => $this->firm,
        };
    }

    /** What share of its ground body colour leaves bare where it is laid lightly: as was seen on white; half, where that was not looked at. */
    private function bare(): float
    {
        $white = Reflectance::grey(100);
        [$seen, $all] = [($this->soft ?? $this->firm)->distanceTo($this->firm), $white->distanceTo($this->firm)];

        return $this->soft === null || $all <= 0.0 ? 0.5 : min(1.0, $seen / $all);
    }
}
