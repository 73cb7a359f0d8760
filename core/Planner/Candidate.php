<?php

declare(strict_types=1);

namespace InchLadder\Planner;

/** A plan while it is still being weighed: whole numbers only, so that many thousands can be compared. */
final readonly class Candidate
{
    /**
     * @param  int|null  $photoCell  in units of the photo's ruler; null on a screen
     * @param  int  $paperCell  in units of the paper's ruler
     * @param  list<int|float>  $costs  what is to be small: photo lost, paper unused, grades, lines, cells off what is wanted
     * @param  bool  $isTurned  whether it is for the sheet the other way round
     */
    public function __construct(public ?int $photoCell, public int $paperCell, public int $columns, public int $rows, public array $costs, public bool $isTurned = false)
    {
    }

    /** The same on the sheet the other way round. */
    public function turned(): self
    {
        return new self($this->photoCell, $this->paperCell, $this->columns, $this->rows, $this->costs, true);
    }

    /** As good in everything, and better in something. */
    public function dominates(self $other): bool
    {
        [$a, $b] = [$this->costs, $other->costs];

        return $a[0] <= $b[0] && $a[1] <= $b[1] && $a[2] <= $b[2] && $a[3] <= $b[3] && $a[4] <= $b[4] && $a !== $b;
    }
}
