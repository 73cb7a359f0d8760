<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** How long an average cell takes this hand, from when its last ones were done and how much was in them. */
final readonly class Pace
{
    private function __construct(
        /** Seconds, the median. */
        public float $cell,
    ) {
    }

    /**
     * @param  array<int, int>  $done  when each cell was done, in seconds, in any order
     * @return self|null null when too few were done in a row
     */
    public static function of(array $done, ?Loads $loads = null): ?self
    {
        asort($done);
        [$waits, $before] = [[], null];
        foreach ($done as $cell => $at) {
            $wait = $before === null ? 0 : $at - $before;
            if ($wait > 0 && $wait <= Figures::REST_SECONDS) {
                $waits[] = $wait / ($loads?->at($cell) ?? 1.0);
            }
            $before = $at;
        }
        if (count($waits) < Figures::CELLS_THAT_TELL) {
            return null;
        }
        sort($waits);
        $middle = intdiv(count($waits), 2);

        return new self(count($waits) % 2 === 1 ? (float) $waits[$middle] : ($waits[$middle - 1] + $waits[$middle]) / 2);
    }

    /** Minutes that so many average cells will take. */
    public function minutesFor(float $load): float
    {
        return $load * $this->cell / 60;
    }
}
