<?php

declare(strict_types=1);

namespace App\Printing;

use InchLadder\Impossible;

/** A sheet that cannot be printed as asked. */
final class SheetImpossible extends Impossible
{
    public static function noPrintSize(): self
    {
        return new self('This drawing works from a screen, so there is no print size; fit the sheet to a page, or give the print’s size on the Photo rung.');
    }

    public static function unknownEnding(string $path): self
    {
        return new self('“'.basename($path).'” should end in .pdf, .png or .svg.');
    }

    public static function unknownKind(string $kind): self
    {
        return new self("There is no sheet called “{$kind}”; there is: ".implode(', ', PrintableSheets::keys()).'.');
    }

    public static function unknownSize(string $at): self
    {
        return new self("“{$at}” is not a size for a sheet; choose print, page or drawing.");
    }

    public static function unknownPrinter(string $name): self
    {
        return new self("No printer is kept under the name “{$name}”.");
    }

    public static function unknownLook(string $look): self
    {
        return new self("“{$look}” is not a look to print; choose photo, grey or outline.");
    }

    public static function pageTooSmall(): self
    {
        return new self('This sheet does not fit inside the printer’s border; choose larger paper.');
    }

    public static function tooManyPages(int $count, int $most): self
    {
        return new self("This would be {$count} pages; a pack has {$most} at most. Choose larger paper for the printer, or have it printed on one page.");
    }

    public static function tooManyFiles(int $count, Format $format): self
    {
        $name = strtoupper($format->value);

        return new self("This would be {$count} files of {$name}; {$format->mostPages()} are made at once at most. Take one PDF instead, or choose larger paper for the printer.");
    }

    public static function cellTooLarge(string $size): self
    {
        return new self("A window of one cell, {$size}, and the card round it do not fit on this paper; choose larger paper, or a finer grid.");
    }

    public static function noSuchPage(int $page, int $count): self
    {
        return new self("There is no page {$page}; the sheet has {$count}.");
    }

    public function choice(): string
    {
        return 'sheet';
    }
}
