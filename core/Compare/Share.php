<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** What of a whole one part takes along one way, on the photo and on the drawing; the drawing's own whole is what counts, whatever its size. */
final readonly class Share
{
    /** How much larger the drawing has it than the photo, as a share of itself: 0.1 is a tenth too large; null where it was not measured. */
    public ?float $off;

    public bool $passes;

    /**
     * @param  'width'|'height'|'left'|'right'|'above'|'below'  $of  what is measured: the part, or the room on one side of it
     * @param  float  $wanted  of the whole, on the photo
     * @param  float|null  $drawn  on the drawing; null where it was not measured
     * @param  float  $tolerance  by which it may differ, as a share of the whole
     */
    public function __construct(public string $part, public string $of, public float $wanted, public ?float $drawn, public float $tolerance)
    {
        $this->off = $drawn === null || $wanted < 1e-6 ? null : $drawn / $wanted - 1;
        $this->passes = $drawn === null || abs($drawn - $wanted) <= $tolerance + 1e-9;
    }

    /** Whether it is the part itself that is measured, rather than where it sits. */
    public function isSize(): bool
    {
        return $this->of === 'width' || $this->of === 'height';
    }
}
