<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Copying\Pass;

/**
 * Something on the picture that has a name: boxed, or traced. Its outline is in shares of the picture as its file has
 * it, so that it stays where it was drawn whatever is turned, cropped or ruled.
 */
final readonly class Thing
{
    public const MOST = 40;

    public const MOST_POINTS = 200;

    /**
     * @param  non-empty-list<array{float, float}>  $outline  three points or more, the last joined to the first
     * @param  bool  $boxed  a box round it rather than its own outline
     * @param  bool  $must  not to be forgotten: each pass asks for it
     * @param  list<Pass>  $ticked  the passes in which it stands
     *
     * @throws ThingWithoutSize
     */
    public function __construct(public string $name, public array $outline, public bool $boxed = false, public bool $must = false, public array $ticked = [], public State $state = State::Open)
    {
        [$x, $y] = [array_column($outline, 0), array_column($outline, 1)];
        if (count($outline) < 3 || min(max($x) - min($x), max($y) - min($y)) < Figures::LEAST_THING) {
            throw ThingWithoutSize::called($name);
        }
    }

    public function standsIn(Pass $pass): bool
    {
        return in_array($pass, $this->ticked, true);
    }
}
