<?php

declare(strict_types=1);

namespace App\Printing\Writers;

use App\Printing\Page;
use App\Printing\Writer;

/** A format whose file holds one page. */
abstract class PageWriter implements Writer
{
    final public function binds(): bool
    {
        return false;
    }

    final public function write(iterable $pages, $to): void
    {
        foreach ($pages as $page) {
            fwrite($to, $this->page($page));
        }
    }

    abstract protected function page(Page $page): string;
}
