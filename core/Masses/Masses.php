<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/** The big shapes of what is drawn: few, flat, each bounded by the same lines as its neighbours, as straight as is wished. */
final readonly class Masses
{
    /**
     * @param  list<Mass>  $all  the largest first
     * @param  list<non-empty-list<array{float, float}>>  $outlines  each line between two masses once; the crop's own edge is none. In shares of its width and height
     */
    private function __construct(public array $all, public array $outlines)
    {
    }

    /**
     * @param  float  $straight  to how much of the crop's longer side outlines are straightened
     * @param  list<float>  $columns  the grid's lines as shares of the crop's width: outlines cross them where they do in the picture
     * @param  list<float>  $rows  likewise of its height
     */
    public static function of(Regions $regions, float $straight, array $columns = [], array $rows = []): self
    {
        [$wide, $high] = [$regions->wide, $regions->high];
        $off = max(Figures::STAIR, $straight * max($wide, $high));
        $lines = [array_map(static fn (float $share): float => $share * $wide, $columns), array_map(static fn (float $share): float => $share * $high, $rows)];
        $outlines = [];
        /** @var array<int, list<non-empty-list<array{float, float}>>> $walls */
        $walls = array_fill(0, count($regions->parts), []);
        foreach (Outlines::of($wide, $high, $regions->labels)->all as ['left' => $left, 'right' => $right, 'places' => $places]) {
            $isEdge = $left === Outlines::OUTSIDE || $right === Outlines::OUTSIDE;
            // The crop's edge is straight, and keeps its corners.
            $line = array_map(static fn (array $place): array => [$place[0] / $wide, $place[1] / $high], $isEdge ? Straightened::of($places, 0.1) : self::straightened($places, $off, $lines));
            if (! $isEdge) {
                $outlines[] = $line;
            }
            foreach ([$left, $right] as $part) {
                if ($part !== Outlines::OUTSIDE) {
                    $walls[$part][] = $line;
                }
            }
        }
        $all = [];
        foreach ($regions->parts as $part => [$l, $a, $b, $samples]) {
            $all[] = new Mass(self::rings($walls[$part]), [$l, $a, $b], $samples / ($wide * $high));
        }
        usort($all, static fn (Mass $one, Mass $other): int => $other->share <=> $one->share);

        return new self($all, $outlines);
    }

    /**
     * @param  non-empty-list<array{int, int}>  $places
     * @param  array{list<float>, list<float>}  $lines
     * @return non-empty-list<array{int|float, int|float}>
     */
    private static function straightened(array $places, float $off, array $lines): array
    {
        // The stairs of the samples first: they would cross a line many times.
        $parts = array_map(static fn (array $part): array => Straightened::of($part, $off), CutAtLines::of(Straightened::of($places, Figures::STAIR), ...$lines));

        return [...$parts[0], ...array_merge(...array_map(static fn (array $part): array => array_slice($part, 1), array_slice($parts, 1)))];
    }

    /**
     * @param  list<non-empty-list<array{float, float}>>  $lines
     * @return list<non-empty-list<array{float, float}>>
     */
    private static function rings(array $lines): array
    {
        $rings = [];
        while ($lines !== []) {
            $ring = array_pop($lines);
            while ($ring[0] !== ($end = $ring[count($ring) - 1])) {
                foreach ($lines as $i => $line) {
                    $next = match (true) {
                        $line[0] === $end => $line,
                        $line[count($line) - 1] === $end => array_reverse($line),
                        default => null,
                    };
                    if ($next !== null) {
                        array_push($ring, ...array_slice($next, 1));
                        unset($lines[$i]);

                        continue 2;
                    }
                }
                throw new \LogicException('What bounds a part comes back to where it began.');
            }
            $rings[] = $ring;
        }

        return $rings;
    }
}
