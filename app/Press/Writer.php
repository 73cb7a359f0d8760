<?php

declare(strict_types=1);

namespace App\Press;

/** Turns a page into the bytes of one file format. */
interface Writer
{
    public function mime(): string;

    public function write(Page $page): string;
}
