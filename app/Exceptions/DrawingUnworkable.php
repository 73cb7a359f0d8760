<?php

declare(strict_types=1);

namespace App\Exceptions;

/** A drawing that cannot be worked out as it is kept. It can be exported, and its last change undone. */
final class DrawingUnworkable extends \RuntimeException
{
    /** @param  string|null  $undo  the step that undo takes back; null where there is none */
    public function __construct(string $sentence, public readonly int $version, public readonly ?string $undo, \Throwable $because)
    {
        parent::__construct($sentence, previous: $because);
    }
}
