<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Numbers by chance that a seed repeats, a run of its own for each purpose. */
final readonly class Chance
{
    private Randomizer $random;

    public function __construct(int $seed, string $purpose)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(hash('sha256', "{$seed} {$purpose}", true)));
    }

    /** 0 to 1. */
    public function share(): float
    {
        return $this->random->getInt(0, 1 << 30) / (1 << 30);
    }

    public function between(float $from, float $to): float
    {
        return $from + $this->share() * ($to - $from);
    }

    /** 0 to one below. */
    public function below(int $count): int
    {
        return $this->random->getInt(0, max(1, $count) - 1);
    }

    /** Of mean 0 and standard deviation 1 (G. E. P. Box and M. E. Muller, Annals of Mathematical Statistics 29 (1958)). */
    public function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->share()))) * cos(2 * M_PI * $this->share());
    }

    /** So many bytes about 128, for grain. */
    public function grain(int $count, float $spread): string
    {
        $bytes = '';
        for ($i = 0; $i < $count; $i++) {
            $bytes .= chr((int) max(0, min(255, round(128 + $spread * $this->normal()))));
        }

        return $bytes;
    }
}
