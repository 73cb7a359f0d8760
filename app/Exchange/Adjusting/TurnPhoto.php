<?php

declare(strict_types=1);

namespace App\Exchange\Adjusting;

use App\Exchange\ChoicesReader;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/** A quarter turn or a mirroring; what was marked on the picture turns with it. */
final readonly class TurnPhoto implements Adjustment
{
    public function apply(ChoicesReader $read, array $how): Adjusted
    {
        $photo = $read->json->photo;
        $one = Rational::one();
        if (($how['way'] ?? null) === 'mirror') {
            $flip = static fn (string $x, string $width = '0'): string => (string) $one->minus(Rational::of($x))->minus(Rational::of($width));

            return new Adjusted([
                'photo' => ['mirrored' => ! $photo->mirrored, 'straighten' => -$photo->straighten, 'border' => ['left' => $photo->border->right, 'right' => $photo->border->left]],
                'points' => array_map(static fn ($point): array => [...(array) $point, 'x' => $flip($point->x)], $read->json->points),
                'regions' => array_map(static fn ($region): array => [...(array) $region, 'left' => $flip($region->left, $region->width)], $read->json->regions),
                'fit' => ['left' => $read->json->fit->left === null ? null : $flip($read->json->fit->left, self::cropWidth($read))],
            ]);
        }
        $clockwise = ($how['way'] ?? null) !== 'left';
        // Mirrored, the turns seen are the other way round, since the mirror comes after them.
        $by = $clockwise === $photo->mirrored ? 3 : 1;
        $turned = static fn (string $x, string $y): array => $clockwise
            ? [(string) $one->minus(Rational::of($y)), $x]
            : [$y, (string) $one->minus(Rational::of($x))];
        $border = $photo->border;

        return new Adjusted([
            'photo' => [
                'quarters' => ($photo->quarters + $by) % 4, 'width' => $photo->height, 'height' => $photo->width,
                'border' => $clockwise
                    ? ['top' => $border->left, 'right' => $border->top, 'bottom' => $border->right, 'left' => $border->bottom]
                    : ['top' => $border->right, 'right' => $border->bottom, 'bottom' => $border->left, 'left' => $border->top],
            ],
            'points' => array_map(static fn ($point): array => [...(array) $point, ...array_combine(['x', 'y'], $turned($point->x, $point->y))], $read->json->points),
            'regions' => array_map(static function ($region) use ($one, $clockwise): array {
                [$left, $top, $width, $height] = array_map(Rational::of(...), [$region->left, $region->top, $region->width, $region->height]);
                [$x, $y] = $clockwise ? [$one->minus($top)->minus($height), $left] : [$top, $one->minus($left)->minus($width)];

                return ['left' => (string) $x, 'top' => (string) $y, 'width' => (string) $height, 'height' => (string) $width, 'use' => $region->use];
            }, $read->json->regions),
            'fit' => ['left' => null, 'top' => null],
        ], $read->json->fit->left === null ? '' : 'The crop is centred again, as the photo has another shape now.');
    }

    private static function cropWidth(ChoicesReader $read): string
    {
        return (string) Plan::of($read->choices)->fitted->crop->width;
    }
}
