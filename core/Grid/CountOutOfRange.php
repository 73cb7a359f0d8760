<?php

declare(strict_types=1);

namespace InchLadder\Grid;

use InchLadder\Impossible;

final class CountOutOfRange extends Impossible
{
    private function __construct(string $message, private readonly string $which)
    {
        parent::__construct($message);
    }

    public static function of(string $which, int $count): self
    {
        $most = Cells::MOST;

        return new self($count < 1
            ? "A grid needs at least 1 of its {$which}; choose 1 to {$most}."
            : "{$count} {$which} are more than can be ruled and told apart; the limit is {$most} a side, so choose fewer or larger cells.", $which);
    }

    public static function ticks(int $count): self
    {
        return new self("That makes {$count} ticks on one axis; the limit is ".(Cells::MOST + 1).', so set them further apart.', 'tick');
    }

    public function choice(): string
    {
        return 'grid.'.$this->which;
    }
}
