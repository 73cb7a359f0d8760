<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** Something small, told by ratio: a short length for the size of what it belongs to, or how wide a part is for its height. */
final readonly class InProportion
{
    /** How much too large it is, as a share of itself. */
    public float $off;

    public bool $passes;

    /**
     * @param  bool  $isShape  whether it is width for height, rather than a length for the whole
     * @param  float  $wanted  on the photo, over 0
     * @param  float  $drawn  on the drawing
     * @param  float  $tolerance  by which it may differ, as a share of itself
     */
    public function __construct(public string $name, public bool $isShape, public float $wanted, public float $drawn, float $tolerance)
    {
        $this->off = $drawn / $wanted - 1;
        $this->passes = abs($this->off) <= $tolerance + 1e-9;
    }
}
