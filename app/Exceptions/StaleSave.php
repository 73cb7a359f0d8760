<?php

declare(strict_types=1);

namespace App\Exceptions;

/** A save that names an older version of the drawing than the one kept. */
final class StaleSave extends \RuntimeException
{
    /** @param  list<string>  $changed  the rungs that differ */
    private function __construct(public readonly array $changed, public readonly int $version)
    {
        parent::__construct("StaleSave: {$version} is kept");
    }

    /**
     * @param  int  $version  the one that is kept
     * @param  list<string>  $changed
     */
    public static function of(int $version, array $changed): self
    {
        return new self($changed, $version);
    }
}
