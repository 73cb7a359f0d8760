<?php

declare(strict_types=1);

namespace App\Printing;

use App\Models\Drawing;

/** One kind of printed sheet. A new one is a class in Sheets and a line in PrintableSheets; its words are in lang/en/sheets. */
interface PrintableSheet
{
    /** Names it in addresses and on the command line. */
    public static function key(): string;

    /**
     * What can be chosen about it: `at print`, `at page`, `at drawing`, `labels`, `whole`, `lines`, `mirrored`, `look`,
     * `own` (a page of its own size).
     *
     * @return list<string>
     */
    public function takes(): array;

    /** Whether lines are drawn from it, or lie on it, that last: the spacing is tried first. */
    public function isRuledFrom(): bool;

    /** @throws SheetImpossible */
    public function pages(Drawing $drawing, PrintOptions $options): Pages;
}
