<?php

declare(strict_types=1);

namespace InchLadder\Pixels;

/**
 * Where lightness steps up or down along a line: where contours cross it.
 *
 * Steps are the extrema of the lightness convolved with the derivative of a Gaussian
 * (J. Canny, "A Computational Approach to Edge Detection", IEEE Trans. PAMI 8 (1986),
 * 679–698, of which this is the case of one dimension), each placed between two samples
 * by the parabola through its neighbours.
 */
final class Transitions
{
    /** More on one side of a cell than this would not be drawn one by one. */
    private const MOST = 5;

    /**
     * @param  non-empty-list<int|float>  $profile  lightness 0…255 at the middles of equal stretches of the line, at least 8 of them
     * @return list<Transition> in their order along the line
     */
    public static function along(array $profile): array
    {
        $responses = self::responses($profile);
        $strongest = max(array_map(abs(...), $responses));
        $least = max(Figures::LEAST_STEP, Figures::LEAST_OF_STRONGEST * $strongest);
        $peaks = [];
        for ($i = 1; $i < count($responses) - 1; $i++) {
            $here = abs($responses[$i]);
            if ($here >= $least && $here > abs($responses[$i - 1]) && $here >= abs($responses[$i + 1])) {
                $peaks[$i] = $here;
            }
        }
        arsort($peaks);
        $kept = [];
        foreach (array_keys($peaks) as $i) {
            $at = self::place($responses, $i) / count($profile);
            if (count($kept) < self::MOST && array_filter($kept, static fn (Transition $step): bool => abs($step->at - $at) < Figures::STEPS_APART) === []) {
                $kept[] = new Transition($at, $responses[$i]);
            }
        }
        usort($kept, static fn (Transition $a, Transition $b): int => $a->at <=> $b->at);

        return $kept;
    }

    /**
     * The height of the step that each sample would be the middle of.
     *
     * @param  non-empty-list<int|float>  $profile
     * @return non-empty-list<float>
     */
    private static function responses(array $profile): array
    {
        $last = count($profile) - 1;
        $blur = max(1.0, Figures::BLUR * count($profile));
        $reach = (int) ceil(3 * $blur);
        $kernel = [];
        for ($k = 1; $k <= $reach; $k++) {
            $kernel[$k] = $k * exp(-$k * $k / (2 * $blur * $blur));
        }
        // A clean step of height h answers h at its middle.
        $whole = array_sum($kernel);

        return array_map(static function (int $i) use ($kernel, $profile, $last, $whole): float {
            $sum = 0.0;
            foreach ($kernel as $k => $weight) {
                $sum += $weight * ($profile[min($last, $i + $k)] - $profile[max(0, $i - $k)]);
            }

            return $sum / $whole;
        }, array_keys($profile));
    }

    /**
     * @param  list<float>  $responses
     * @return float in samples, from the line's start
     */
    private static function place(array $responses, int $i): float
    {
        [$before, $here, $after] = [abs($responses[$i - 1]), abs($responses[$i]), abs($responses[$i + 1])];
        $bend = $before - 2 * $here + $after;

        return $i + 0.5 + ($bend === 0.0 ? 0.0 : max(-0.5, min(0.5, ($before - $after) / (2 * $bend))));
    }
}
