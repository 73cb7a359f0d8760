<?php

declare(strict_types=1);

namespace App\Press;

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
        return new self("There is no sheet called “{$kind}”; there is: ".implode(', ', SheetKind::names()).'.');
    }

    public static function unknownSize(string $at): self
    {
        return new self("“{$at}” is not a size for a sheet; choose print, page or drawing.");
    }

    public static function unknownPage(string $page): self
    {
        return new self("“{$page}” is not a printer’s paper; give a name like a4 or letter, or a size like 210x297mm.");
    }

    public function choice(): string
    {
        return 'sheet';
    }
}
