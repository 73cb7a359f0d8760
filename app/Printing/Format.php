<?php

declare(strict_types=1);

namespace App\Printing;

use App\Printing\Writers\PdfWriter;
use App\Printing\Writers\PngWriter;
use App\Printing\Writers\SvgWriter;

/** The open formats a sheet can be had in, by file ending. */
enum Format: string
{
    case Pdf = 'pdf';
    case Png = 'png';
    case Svg = 'svg';

    public function writer(): Writer
    {
        return match ($this) {
            self::Pdf => new PdfWriter,
            self::Png => new PngWriter,
            self::Svg => new SvgWriter,
        };
    }

    /**
     * As many pages as are made while a page waits for them: pixels of paper take half a second each, and a request
     * that makes things has two and a half minutes (measured; bin/serve.sh). On the command line there is no bound.
     */
    public function mostPages(): int
    {
        return match ($this) {
            self::Pdf => 1200,
            self::Png => 200,
            self::Svg => 400,
        };
    }

    /** @throws SheetImpossible */
    public static function ofFile(string $path): self
    {
        return self::tryFrom(strtolower(pathinfo($path, PATHINFO_EXTENSION))) ?? throw SheetImpossible::unknownEnding($path);
    }
}
