<?php

declare(strict_types=1);

namespace App\Keeping;

use InchLadder\Impossible;

/** No damaged database of this name waits. */
final class PutAsideUnknown extends Impossible
{
    /** @param  list<PutAside>  $waiting */
    public static function named(string $name, array $waiting): self
    {
        $names = array_map(static fn (PutAside $one): string => $one->name(), $waiting);

        return $names === [] ? new self('none', ['name' => $name]) : new self('unknown', ['name' => $name, 'waiting' => $names]);
    }

    public function choice(): string
    {
        return 'keeping';
    }
}
