<?php

declare(strict_types=1);

namespace App\Archive;

use App\Wording\CompareWording;
use InchLadder\Compare\Judged;
use InchLadder\Compare\Verdict;
use InchLadder\Compare\Wanted;
use InchLadder\Plan\Plan;

/** The places of a drawing as one shot tells them, as CSV (RFC 4180): those that are out first. */
final readonly class PlaceList
{
    private const HEAD = ['place', 'stands', 'right_mm', 'down_mm', 'left_over_mm', 'tolerance_mm', 'cell', 'came_out_in', 'says'];

    private const STANDS = ['out', 'unsure', 'meant', 'within'];

    /** @param  list<Wanted>  $wanted */
    public function __construct(private Plan $plan, private array $wanted, private Verdict $verdict)
    {
    }

    public function csv(): string
    {
        $say = new CompareWording($this->plan, $this->wanted);
        $addresses = $this->plan->layout->addresses;

        return Csv::write([self::HEAD, ...array_map(static fn (Judged $one): array => [
            $say->label($one->measured->name), self::STANDS[$one->standing()],
            self::number($one->measured->right()), self::number($one->measured->down()), self::number($one->left), self::number($one->measured->tolerance),
            $addresses->of(...$one->cell), $addresses->of(...$one->cameOutIn), $say->says($one),
        ], $this->verdict->points)]);
    }

    private static function number(float $millimetres): string
    {
        return rtrim(rtrim(number_format($millimetres, 3, '.', ''), '0'), '.');
    }
}
