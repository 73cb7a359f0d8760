<?php

declare(strict_types=1);

namespace InchLadder\Photo;

use InchLadder\Impossible;

/** Light that falls from a place on to itself. */
final class LightNowhere extends Impossible
{
    public static function drawn(): self
    {
        return new self('nowhere');
    }

    public function choice(): string
    {
        return 'photo.light';
    }
}
