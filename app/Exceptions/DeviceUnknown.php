<?php

declare(strict_types=1);

namespace App\Exceptions;

use InchLadder\Impossible;

final class DeviceUnknown extends Impossible
{
    public static function named(string $which): self
    {
        return new self('unknown', ['which' => $which]);
    }

    public static function ambiguous(string $which, int $count): self
    {
        return new self('ambiguous', ['which' => $which, 'count' => $count]);
    }

    public function choice(): string
    {
        return 'device';
    }
}
