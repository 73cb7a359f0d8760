<?php

declare(strict_types=1);

namespace InchLadder\Copying;

/** How long a cell takes this hand, from when its last ones were done. */
final readonly class Pace
{
    private function __construct(
        /** Seconds, the median. */
        public float $cell,
    ) {
    }

    /**
     * @param  list<int>  $done  when each cell was done, in seconds, in any order
     * @return self|null null when too few were done in a row
     */
    public static function of(array $done): ?self
    {
        sort($done);
        $waits = [];
        for ($i = 1; $i < count($done); $i++) {
            $wait = $done[$i] - $done[$i - 1];
            if ($wait > 0 && $wait <= Figures::REST_SECONDS) {
                $waits[] = $wait;
            }
        }
        if (count($waits) < Figures::CELLS_THAT_TELL) {
            return null;
        }
        sort($waits);
        $middle = intdiv(count($waits), 2);

        return new self(count($waits) % 2 === 1 ? (float) $waits[$middle] : ($waits[$middle - 1] + $waits[$middle]) / 2);
    }

    /** Minutes that so many cells will take. */
    public function minutesFor(int $cells): float
    {
        return $cells * $this->cell / 60;
    }
}
