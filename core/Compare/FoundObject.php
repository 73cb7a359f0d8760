<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** How one named object came out on the drawing, judged whole. */
final readonly class FoundObject
{
    /**
     * @param  Motion  $motion  from where its lines belong to where they came out, in mm of the sheet
     * @param  float  $drawn  share of its lines that lie on lines of the drawing there, 0…1
     * @param  bool  $acrossOnly  whether its lines say nothing of how far it slid along them (the aperture problem)
     * @param  bool  $sure  whether no other place fits nearly as well
     */
    public function __construct(public Motion $motion, public float $drawn, public bool $acrossOnly, public bool $sure)
    {
    }

    /** Whether it tells where each of its places came out. */
    public function tells(): bool
    {
        return $this->sure && ! $this->acrossOnly;
    }
}
