<?php

declare(strict_types=1);

namespace App\Models;

use InchLadder\Impossible;

/** A note under the key of another: one of them would be lost without a word. */
final class NoteKeyReused extends Impossible
{
    public static function under(string $key): self
    {
        return new self('reused', ['key' => $key]);
    }

    public function choice(): string
    {
        return 'key';
    }
}
