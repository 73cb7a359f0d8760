<?php

declare(strict_types=1);

namespace InchLadder\Paper\Standards;

use InchLadder\Measure\Unit;
use InchLadder\Paper\Sheet;
use InchLadder\Paper\Standard;

/** Pads and loose sheets found in art shops, in inches. */
final class ArtistsSheets implements Standard
{
    public function sheets(): array
    {
        return Sheet::table(Unit::Inch, 'common practice', [
            'artist-5.5x8.5' => ['5½ × 8½ in', '5.5', '8.5'],
            'artist-6x8' => ['6 × 8 in', '6', '8'],
            'artist-9x12' => ['9 × 12 in', '9', '12'],
            'artist-11x14' => ['11 × 14 in', '11', '14'],
            'artist-12x16' => ['12 × 16 in', '12', '16'],
            'artist-14x17' => ['14 × 17 in', '14', '17'],
            'artist-16x20' => ['16 × 20 in', '16', '20'],
            'artist-18x24' => ['18 × 24 in', '18', '24'],
            'artist-19x25' => ['19 × 25 in', '19', '25'],
            'artist-20x30' => ['20 × 30 in', '20', '30'],
            'artist-22x30' => ['22 × 30 in', '22', '30'],
            'artist-24x36' => ['24 × 36 in', '24', '36'],
        ]);
    }
}
