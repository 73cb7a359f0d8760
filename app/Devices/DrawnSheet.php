<?php

declare(strict_types=1);

namespace App\Devices;

use InchLadder\Compare\Motion;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Plan;
use InchLadder\Things\ThingInCrop;

/** A drawing of a plan with mistakes in it: where each place of the picture comes out on the sheet. Millimetres from the sheet's top left corner. */
final readonly class DrawnSheet
{
    /** A point that is moved takes along what lies about it: all of it within so many mm … */
    private const WITH_IT = 7.0;

    /** … and less and less to so many. */
    private const BESIDE = 14.0;

    public float $left;

    public float $top;

    public float $wide;

    public float $high;

    private Motion $whole;

    /** @var list<array{float, float, float, float}> place of a point, and its move */
    private array $points;

    /** @var list<array{ThingInCrop, float, float}> */
    private array $things;

    public function __construct(private Plan $plan, public Mistakes $mistakes)
    {
        $layout = $plan->layout;
        [$this->left, $this->top] = [$layout->left->toFloat(), $layout->top->toFloat()];
        [$this->wide, $this->high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        $this->whole = $mistakes->whole($this->left + $this->wide / 2, $this->top + $this->high / 2);
        [$points, $things, $known] = [[], [], []];
        foreach ($layout->points() as $placed) {
            $move = $mistakes->moves[$placed->point->name] ?? null;
            $move === null || $points[] = [$this->left + $placed->x->toFloat() * $this->wide, $this->top + $placed->y->toFloat() * $this->high, ...$move];
            $known[] = $placed->point->name;
        }
        foreach ($plan->things()->all as $thing) {
            $move = $mistakes->moves[$thing->thing->name] ?? null;
            $move === null || $things[] = [$thing, ...$move];
            $known[] = $thing->thing->name;
        }
        $unknown = array_diff(array_map(strval(...), array_keys($mistakes->moves)), $known);
        if ($unknown !== []) {
            throw CameraMisset::unknown((string) reset($unknown), $known);
        }
        [$this->points, $this->things] = [$points, $things];
    }

    /**
     * @param  float  $x  share of the crop
     * @return array{float, float}
     */
    public function belongs(float $x, float $y): array
    {
        return [$this->left + $x * $this->wide, $this->top + $y * $this->high];
    }

    /**
     * @param  float  $x  share of the crop
     * @return array{float, float}
     */
    public function cameOut(float $x, float $y): array
    {
        [$u, $v] = $this->belongs($x, $y);
        [$right, $down] = [0.0, 0.0];
        foreach ($this->things as [$thing, $r, $d]) {
            // A thing's own line belongs to it.
            if ($this->isOf($thing, $x, $y)) {
                [$right, $down] = [$right + $r, $down + $d];
            }
        }
        foreach ($this->points as [$px, $py, $r, $d]) {
            $far = hypot($u - $px, $v - $py) / Comparison::stepBack($this->plan);
            $share = $far <= self::WITH_IT ? 1.0 : ($far >= self::BESIDE ? 0.0 : (1 + cos(M_PI * ($far - self::WITH_IT) / (self::BESIDE - self::WITH_IT))) / 2);
            [$right, $down] = [$right + $share * $r, $down + $share * $d];
        }
        [$u, $v] = $this->whole->apply($u, $v);

        return [$u + $right, $v + $down];
    }

    public function plan(): Plan
    {
        return $this->plan;
    }

    private function isOf(ThingInCrop $thing, float $x, float $y): bool
    {
        $beside = 1.5 * Comparison::stepBack($this->plan);
        [$wide, $high] = [$beside / $this->wide, $beside / $this->high];
        foreach ([[0, 0], [-$wide, 0], [$wide, 0], [0, -$high], [0, $high]] as [$across, $down]) {
            if ($thing->covers($x + $across, $y + $down)) {
                return true;
            }
        }

        return false;
    }
}
