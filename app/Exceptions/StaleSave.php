<?php

declare(strict_types=1);

namespace App\Exceptions;

/** A save that names an older version of the drawing than the one kept. */
final class StaleSave extends \RuntimeException
{
    /** @param  list<string>  $changed the rungs that differ */
    private function __construct(string $message, public readonly array $changed, public readonly int $version)
    {
        parent::__construct($message);
    }

    /**
     * @param  int  $version  the one that is kept
     * @param  list<string>  $changed
     */
    public static function of(int $version, array $changed): self
    {
        $what = $changed === [] ? 'it' : implode(' and ', $changed);

        return new self("This drawing was changed elsewhere meanwhile ({$what}), so this change was not saved over it.", $changed, $version);
    }
}
