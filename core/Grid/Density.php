<?php

declare(strict_types=1);

namespace InchLadder\Grid;

/** How fine a grid is, as three choices: few cells, a middling count, many. */
enum Density: string
{
    case Few = 'few';
    case Middling = 'middling';
    case Many = 'many';

    /**
     * The counts that come nearest to the three, each count taken once. One that leaves a sliver
     * is as far off as one of twice the cells.
     *
     * @param  list<int>  $counts  of cells, each above 0, from few to many
     * @param  list<bool>  $slivers  whether each of them leaves a strip too narrow to copy in; none where left out
     * @return array<string, int> density => index of its count; fewer than three where there are fewer counts
     */
    public static function among(array $counts, array $slivers = []): array
    {
        $chosen = [];
        foreach ([self::Middling, self::Few, self::Many] as $density) {
            $free = array_diff_key($counts, array_flip($chosen));
            $middle = $chosen[self::Middling->value] ?? null;
            $fits = array_filter(array_keys($free), static fn (int $i): bool => match ($density) {
                self::Few => $i < $middle,
                self::Middling => true,
                self::Many => $i > $middle,
            });
            $off = static fn (int $i): float => $density->distance($counts[$i]) + (($slivers[$i] ?? false) ? 1 : 0);
            usort($fits, static fn (int $a, int $b): int => $off($a) <=> $off($b));
            if ($fits !== []) {
                $chosen[$density->value] = $fits[0];
            }
        }

        return $chosen;
    }

    /** How many times the count is off, in doublings. */
    private function distance(int $count): float
    {
        return abs(log($count / Figures::DENSITIES[$this->value], 2));
    }
}
