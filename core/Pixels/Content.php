<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/** How much there is to draw in each cell of a grid, told by how much of it is edge. */
final class Content
{
    /**
     * @param  list<float>  $across  the grid's lines as shares of the field, edges included
     * @param  list<float>  $down
     * @return list<float> the share of each cell's samples that are edge, 0…1, row by row
     */
    public static function of(Field $field, array $across, array $down): array
    {
        $shares = [];
        foreach (self::spans($down, $field->high) as [$top, $bottom]) {
            foreach (self::spans($across, $field->wide) as [$left, $right]) {
                $edges = 0;
                for ($y = $top; $y < $bottom; $y++) {
                    for ($x = $left; $x < $right; $x++) {
                        $here = $field->at($x, $y);
                        $edges += abs($field->at(min($x + 1, $right - 1), $y) - $here) >= Figures::EDGE_BEGINS || abs($field->at($x, min($y + 1, $bottom - 1)) - $here) >= Figures::EDGE_BEGINS ? 1 : 0;
                    }
                }
                $shares[] = $edges / (($bottom - $top) * ($right - $left));
            }
        }

        return $shares;
    }

    /**
     * @param  list<float>  $content  as of() gives it
     * @return list<int> the cells that are blank, by their place in the list
     */
    public static function blank(array $content): array
    {
        return array_keys(array_filter($content, static fn (float $share): bool => $share < Figures::BLANK));
    }

    /**
     * @param  list<float>  $lines
     * @return list<array{int, int}> first sample of each part, and the one after its last; at least one sample each
     */
    private static function spans(array $lines, int $samples): array
    {
        $spans = [];
        for ($i = 0; $i < count($lines) - 1; $i++) {
            $from = max(0, min($samples - 1, (int) floor($lines[$i] * $samples)));
            $spans[] = [$from, max($from + 1, min($samples, (int) ceil($lines[$i + 1] * $samples)))];
        }

        return $spans;
    }
}
