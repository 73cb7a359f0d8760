<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;
use InchLadder\Measure\Rational;

/** A quarter turn or a mirroring as it is seen; what was placed on the picture follows it (see PlacedThings). */
final readonly class TurnPhoto implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $photo = $read->json->photo;
        $border = $photo->border;
        if (($how['way'] ?? null) === 'mirror') {
            return new Adjusted(['photo' => ['mirrored' => ! $photo->mirrored, 'straighten' => -$photo->straighten, 'border' => ['left' => $border->right, 'right' => $border->left]]]);
        }
        $clockwise = ($how['way'] ?? null) !== 'left';
        // Mirrored, the turns seen are the other way round, since the mirror comes after them.
        $by = $clockwise === $photo->mirrored ? 3 : 1;

        return new Adjusted(['photo' => [
            'part' => $this->turned($read, $by),
            'quarters' => ($photo->quarters + $by) % 4, 'width' => $photo->height, 'height' => $photo->width,
            'border' => $clockwise
                ? ['top' => $border->left, 'right' => $border->top, 'bottom' => $border->right, 'left' => $border->bottom]
                : ['top' => $border->right, 'right' => $border->bottom, 'bottom' => $border->left, 'left' => $border->top],
        ]]);
    }

    /** @return array<string, string>|null what the print shows, turned along, whichever way that is by quarters clockwise */
    private function turned(ChoicesReader $read, int $by): ?array
    {
        $part = $read->choices->framing->part;
        if ($part->isWhole()) {
            return null;
        }
        [$left, $top] = $by === 1 ? [Rational::one()->minus($part->top)->minus($part->height), $part->left] : [$part->top, Rational::one()->minus($part->left)->minus($part->width)];

        return array_map(static fn (Rational $share): string => $share->toScale(6), ['left' => $left, 'top' => $top, 'width' => $part->height]);
    }
}
