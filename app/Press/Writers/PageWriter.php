<?php

declare(strict_types=1);

namespace App\Press\Writers;

use App\Press\Page;
use App\Press\Writer;

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
