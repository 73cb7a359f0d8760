<?php

declare(strict_types=1);

namespace Bench;

/** Measures pieces of work against something else in the same run, and says how they compare. */
final class Bench
{
    /** @var list<array{string, string, string, string, bool}> */
    private array $rows = [];

    /** A row of the table: what was measured, the figure, the bar, and whether it is met. */
    public function say(string $work, string $figure, string $bar, bool $met, string $note = ''): void
    {
        $this->rows[] = [$work, $figure, $bar, $note, $met];
        printf("%-58s %-22s %-30s %s%s\n", $work, $figure, $bar, $met ? 'met' : 'MISSED', $note === '' ? '' : "  ({$note})");
    }

    public function allMet(): bool
    {
        return array_filter($this->rows, static fn (array $row): bool => ! $row[4]) === [];
    }

    /**
     * Seconds each of several things takes, interleaved so that a busy moment falls on all alike.
     *
     * @param  array<string, \Closure(): mixed>  $things
     * @return array<string, float> the median of each
     */
    public static function together(array $things, int $rounds): array
    {
        $seconds = [];
        for ($round = 0; $round < $rounds; $round++) {
            foreach ($things as $name => $thing) {
                $start = hrtime(true);
                $thing();
                $seconds[$name][] = (hrtime(true) - $start) / 1e9;
            }
        }

        return array_map(static fn (array $all): float => self::quantile($all, 0.5), $seconds);
    }

    /** @param  list<float>  $values */
    public static function quantile(array $values, float $share): float
    {
        sort($values);

        return $values[min(count($values) - 1, (int) floor($share * count($values)))];
    }
}
