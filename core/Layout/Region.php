<?php

declare(strict_types=1);

namespace InchLadder\Layout;

use InchLadder\Fit\Crop;
use InchLadder\Grid\Grid;
use InchLadder\Measure\Rational;

/** A part of the reference that is not to be drawn, or only measured by; shares of its width and height. */
final readonly class Region
{
    public const MOST = 40;

    public function __construct(public Rational $left, public Rational $top, public Rational $width, public Rational $height, public RegionUse $use)
    {
    }

    /** @return array{float, float, float, float}|null left, top, width and height in shares of the crop, as far as it lies in it; null where it does not */
    public function inCrop(Crop $crop): ?array
    {
        $share = static fn (Rational $from, Rational $start, Rational $long): float => max(0.0, min(1.0, $from->minus($start)->dividedBy($long)->toFloat()));
        [$left, $top] = [$share($this->left, $crop->left, $crop->width), $share($this->top, $crop->top, $crop->height)];
        [$right, $bottom] = [$share($this->left->plus($this->width), $crop->left, $crop->width), $share($this->top->plus($this->height), $crop->top, $crop->height)];

        return $right > $left && $bottom > $top ? [$left, $top, $right - $left, $bottom - $top] : null;
    }

    /**
     * The cells that lie wholly inside.
     *
     * @return list<int> row × columns + column
     */
    public function cells(Crop $crop, Grid $grid): array
    {
        $across = static fn (Rational $share): Rational => $share->minus($crop->left)->dividedBy($crop->width);
        $down = static fn (Rational $share): Rational => $share->minus($crop->top)->dividedBy($crop->height);
        $columns = self::within($grid->columns, $across($this->left), $across($this->left->plus($this->width)));
        $rows = self::within($grid->rows, $down($this->top), $down($this->top->plus($this->height)));
        $cells = [];
        foreach ($rows as $row) {
            foreach ($columns as $column) {
                $cells[] = $row * $grid->across->parts() + $column;
            }
        }

        return $cells;
    }

    /**
     * @param  list<Rational>  $fractions
     * @return list<int>
     */
    private static function within(array $fractions, Rational $from, Rational $to): array
    {
        $found = [];
        for ($i = 0; $i < count($fractions) - 1; $i++) {
            if (! $fractions[$i]->isLessThan($from) && ! $fractions[$i + 1]->isGreaterThan($to)) {
                $found[] = $i;
            }
        }

        return $found;
    }
}
