<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/**
 * The sheet a North American paper weight is told by: so many pounds are 500 of that size (TAPPI T 410 weighs sheets and
 * tells of the sizes in use; the list is common practice of the trade). That is why 80 lb cover is twice as heavy as 80 lb text.
 */
enum Basis: string
{
    case Bond = 'bond';
    case Text = 'text';
    case Cover = 'cover';
    case Bristol = 'bristol';
    case Index = 'index';
    /** Watercolour paper, by the imperial sheet. */
    case Imperial = 'imperial';

    /** Pounds from which a paper to draw on is a watercolour paper first: those are sold as 90, 140 and 300 lb (common practice). */
    private const WATERCOLOUR_FROM = 90.0;

    /** What pounds are usually told of, where nothing says it. */
    public static function usualAt(float $pounds): self
    {
        return $pounds >= self::WATERCOLOUR_FROM ? self::Imperial : self::Text;
    }

    /** @return array{float, float} inches */
    public function inches(): array
    {
        return match ($this) {
            self::Bond => [17.0, 22.0],
            self::Text => [25.0, 38.0],
            self::Cover => [20.0, 26.0],
            self::Bristol => [22.5, 28.5],
            self::Index => [25.5, 30.5],
            self::Imperial => [22.0, 30.0],
        };
    }

    /** Square metres of the 500 sheets. */
    public function area(): float
    {
        [$wide, $high] = $this->inches();

        return 500 * $wide * $high * 0.0254 ** 2;
    }
}
