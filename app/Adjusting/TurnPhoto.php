<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\ChoicesReader;

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
            'quarters' => ($photo->quarters + $by) % 4, 'width' => $photo->height, 'height' => $photo->width,
            'border' => $clockwise
                ? ['top' => $border->left, 'right' => $border->top, 'bottom' => $border->right, 'left' => $border->bottom]
                : ['top' => $border->right, 'right' => $border->bottom, 'bottom' => $border->left, 'left' => $border->top],
        ]]);
    }
}
