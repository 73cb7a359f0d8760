<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** A length as read off a ruler, beside its true value. */
final readonly class Rounded
{
    public function __construct(public Length $exact, public Length $reading)
    {
    }

    /** Reading − exact: positive when the reading is over, negative when it is short. */
    public function error(): Length
    {
        return $this->reading->minus($this->exact);
    }

    public function isExact(): bool
    {
        return $this->reading->equals($this->exact);
    }
}
