<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Pixels\Lab;

/** The pencils a gridline on a photo can be drawn with, each with a casing that sets it off. */
enum LineColour: string
{
    case Chalk = 'chalk';
    case Graphite = 'graphite';
    case Guide = 'guide';
    case Lemon = 'lemon';
    case Rose = 'rose';

    /** `#rrggbb` */
    public function css(): string
    {
        return match ($this) {
            self::Chalk => '#fffdf6',
            self::Graphite => '#22201d',
            self::Guide => '#2f9be0',
            self::Lemon => '#ffe84a',
            self::Rose => '#ff5f9e',
        };
    }

    /** `#rrggbb` of the thin edge either side: dark round a light line, light round a dark one. */
    public function casing(): string
    {
        return $this === self::Graphite ? self::Chalk->css() : self::Graphite->css();
    }

    public function lab(): Lab
    {
        [$red, $green, $blue] = array_map(static fn (string $pair): int => max(0, min(255, (int) hexdec($pair))), str_split(substr($this->css(), 1), 2));

        return Lab::fromSrgb($red, $green, $blue);
    }

    /**
     * The colour that differs most from what lies under the lines, judged where it differs least.
     *
     * @param  list<array{Lab, int}>  $under  colours, and how often each occurs
     */
    public static function showingOn(array $under): self
    {
        $best = self::Graphite;
        $most = -1.0;
        foreach (self::cases() as $colour) {
            $shows = $colour->poorestOn($under);
            if ($shows > $most) {
                [$best, $most] = [$colour, $shows];
            }
        }

        return $best;
    }

    /** @param  list<array{Lab, int}>  $under */
    private function poorestOn(array $under): float
    {
        $differences = array_map(fn (array $tone): array => [$this->lab()->differenceTo($tone[0]), $tone[1]], $under);
        sort($differences);
        $left = Figures::POOREST_SHARE * array_sum(array_column($differences, 1));
        foreach ($differences as [$difference, $count]) {
            if (($left -= $count) <= 0) {
                return $difference;
            }
        }

        return 0.0;
    }
}
