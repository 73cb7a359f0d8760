<?php

declare(strict_types=1);

namespace App\House;

use InchLadder\Impossible;

/** A device that is not let in. */
final class PairingRefused extends Impossible
{
    public static function wrong(): self
    {
        return new self('wrong');
    }

    public static function closed(int $minutes): self
    {
        return new self('closed', ['minutes' => $minutes]);
    }

    public static function nameless(): self
    {
        return new self('nameless');
    }

    public function choice(): string
    {
        return 'code';
    }
}
