<?php

declare(strict_types=1);

namespace App\Printing;

/** Turns pages into the bytes of one file format. */
interface Writer
{
    public function mime(): string;

    /** Whether one file takes many pages. */
    public function binds(): bool;

    /**
     * @param  iterable<Page>  $pages  just one, when the format does not bind
     * @param  resource  $to
     */
    public function write(iterable $pages, $to): void;
}
