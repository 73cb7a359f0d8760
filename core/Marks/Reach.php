<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Placed;
use InchLadder\Measure\Length;

/**
 * A key point as it is carried over with dividers: by its distance from the nearest line, and, once others stand, by two
 * arcs struck from those: two distances fix a third point (compass construction of a triangle from its three sides:
 * Euclid, Elements, I.22).
 */
final readonly class Reach
{
    /**
     * @param  Length  $shorter  on the paper, from the nearest gridline
     * @param  array{Arc, Arc}|null  $arcs  from points that are carried over before it; null where no two of them fix it well
     * @param  'above'|'below'|'left'|'right'|null  $side  of the line between those two: two arcs cross on either side of it
     */
    private function __construct(public Placed $point, public Length $shorter, public ?array $arcs, public ?string $side)
    {
    }

    /** @return list<self> the shortest reach first, in which order they are carried over */
    public static function all(Layout $layout): array
    {
        $inside = array_values(array_filter($layout->points(), static fn (Placed $placed): bool => $placed->isInside()));
        $reaches = array_map(static fn (Placed $placed): Length => self::shorter($layout, $placed), $inside);
        $order = array_keys($inside);
        usort($order, static fn (int $a, int $b): int => $reaches[$a]->toFloat() <=> $reaches[$b]->toFloat());
        $found = [];
        foreach ($order as $i) {
            $from = self::squarest($layout, $inside[$i], array_map(static fn (self $one): Placed => $one->point, $found));
            $arcs = $from === null ? null : [Arc::from($layout, $from[0], $inside[$i]), Arc::from($layout, $from[1], $inside[$i])];
            $found[] = new self($inside[$i], $reaches[$i], $arcs, $from === null ? null : self::side($layout, $inside[$i], ...$from));
        }

        return $found;
    }

    private static function shorter(Layout $layout, Placed $placed): Length
    {
        $area = $layout->fitted->area;
        $across = $area->width->times(Placed::nearestLine($layout->grid->columns, $placed->x)[1])->absolute();
        $down = $area->height->times(Placed::nearestLine($layout->grid->rows, $placed->y)[1])->absolute();

        return $across->isLongerThan($down) ? $down : $across;
    }

    /**
     * The two whose arcs cross most squarely.
     *
     * @param  list<Placed>  $standing
     * @return array{Placed, Placed}|null
     */
    private static function squarest(Layout $layout, Placed $point, array $standing): ?array
    {
        $standing = array_slice($standing, 0, Figures::ARCS_FROM);
        [$wide, $high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        $ways = array_map(static fn (Placed $from): array => [$point->x->minus($from->x)->toFloat() * $wide, $point->y->minus($from->y)->toFloat() * $high], $standing);
        [$best, $squarest] = [null, sin(deg2rad(Figures::ARCS_CROSS))];
        foreach ($ways as $i => [$x, $y]) {
            foreach (array_slice($ways, $i + 1, preserve_keys: true) as $k => [$u, $v]) {
                $square = abs($x * $v - $y * $u) / max(1e-9, hypot($x, $y) * hypot($u, $v));
                if ($square > $squarest) {
                    [$best, $squarest] = [[$i, $k], $square];
                }
            }
        }

        return $best === null ? null : [$standing[$best[0]], $standing[$best[1]]];
    }

    /** @return 'above'|'below'|'left'|'right' where a point lies of the line through two others, by the way that line mostly runs */
    private static function side(Layout $layout, Placed $point, Placed $one, Placed $other): string
    {
        $ratio = $layout->fitted->area->ratio();
        [$x, $y] = [$other->x->minus($one->x)->times($ratio), $other->y->minus($one->y)];
        [$u, $v] = [$point->x->minus($one->x)->times($ratio), $point->y->minus($one->y)];
        // Over 0 where the point lies clockwise of the way from one to the other, as y runs down.
        $turn = $x->times($v)->minus($y->times($u));
        if ($y->abs()->isGreaterThan($x->abs())) {
            return $turn->isPositive() === $y->isPositive() ? 'left' : 'right';
        }

        return $turn->isPositive() === $x->isPositive() ? 'below' : 'above';
    }
}
