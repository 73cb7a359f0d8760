<?php

declare(strict_types=1);

namespace App\Shots;

use InchLadder\Compare\Flattening;
use InchLadder\Compare\LineMap;

/** A shot laid flat, with the lines on it: what is kept of it, since it takes a while. */
final readonly class Prepared
{
    /**
     * @param  bool  $found  whether the program found the sheet, rather than a hand
     * @param  array{float, float, bool}  $light  how light the paper is, of 255; what share of it is burnt out; whether its edges are soft
     * @param  int  $wide  pixels of the shot
     */
    public function __construct(public Flattening $map, public bool $found, public LineMap $drawn, public array $light, public bool $cutOff, public int $wide, public int $high)
    {
    }
}
