<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Length;
use InchLadder\Measure\Size;

/** A sheet as measured, against the size its name stands for. */
final readonly class Measured
{
    private function __construct(
        /** Measured − nominal, along the short side. */
        public Length $short,
        /** Measured − nominal, along the long side. */
        public Length $long,
        /** Whether the standard allows both differences; null when it names no tolerance. */
        public ?bool $isWithinTolerance,
    ) {
    }

    public static function against(Sheet $sheet, Size $measured): self
    {
        $upright = static fn (Size $size): Size => $size->isUpright() ? $size : $size->turned();
        [$nominal, $real] = [$upright($sheet->size), $upright($measured)];
        $off = $real->minus($nominal);
        $tolerances = $sheet->hasIsoTolerance() ? [self::isoTolerance($nominal->width), self::isoTolerance($nominal->height)] : null;

        return new self($off->width, $off->height, $tolerances === null
            ? null
            : ! $off->width->absolute()->isLongerThan($tolerances[0]) && ! $off->height->absolute()->isLongerThan($tolerances[1]));
    }

    public function isExact(): bool
    {
        return $this->short->isZero() && $this->long->isZero();
    }

    /** ISO 216: ±1.5 mm up to 150 mm, ±2 mm up to 600 mm, ±3 mm above. */
    public static function isoTolerance(Length $side): Length
    {
        return match (true) {
            ! $side->mm->isGreaterThan(150) => Length::mm('3/2'),
            ! $side->mm->isGreaterThan(600) => Length::mm(2),
            default => Length::mm(3),
        };
    }
}
