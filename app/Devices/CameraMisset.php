<?php

declare(strict_types=1);

namespace App\Devices;

use InchLadder\Impossible;

/** The simulated camera cannot shoot so. */
final class CameraMisset extends Impossible
{
    /** @param  list<string>  $known */
    public static function unknown(string $name, array $known): self
    {
        return new self($known === [] ? 'nothing to move' : 'unknown', ['name' => $name, 'known' => $known]);
    }

    public static function option(string $option, string $typed, string $like): self
    {
        return new self('option', ['option' => $option, 'typed' => $typed, 'like' => $like]);
    }

    public static function nothingToDraw(): self
    {
        return new self('nothing to draw');
    }

    public function choice(): string
    {
        return 'camera';
    }
}
