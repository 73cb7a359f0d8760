<?php

declare(strict_types=1);

namespace InchLadder\Sittings;

/** How many cells were done by how much work: the rests between sittings are none of it. */
final readonly class Progress
{
    /** @param  list<array{float, int}>  $steps  minutes worked until then, and cells done; from nothing on, never falling */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param  list<Sitting>  $sittings  in their order
     * @param  list<float>  $done  when each cell was done
     */
    public static function of(array $sittings, array $done): self
    {
        sort($done);
        $steps = [[0.0, 0]];
        foreach ($done as $i => $at) {
            $steps[] = [max($steps[$i][0], self::workedUntil($sittings, $at) / 60), $i + 1];
        }

        return new self($steps);
    }

    /** @param  list<Sitting>  $sittings */
    private static function workedUntil(array $sittings, float $at): float
    {
        $worked = 0.0;
        foreach ($sittings as $sitting) {
            if ($at < $sitting->began) {
                break;
            }
            $length = $sitting->ended - $sitting->began;
            $worked += $sitting->worked() * ($at >= $sitting->ended || $length <= 0 ? 1 : ($at - $sitting->began) / $length);
        }

        return $worked;
    }
}
