<?php

declare(strict_types=1);

namespace App\Printing;

use InchLadder\Impossible;

/** A sheet that cannot be printed as asked. */
final class SheetImpossible extends Impossible
{
    public static function noPrintSize(): self
    {
        return new self('no print size');
    }

    public static function unknownEnding(string $path): self
    {
        return new self('unknown ending', ['path' => basename($path)]);
    }

    public static function unknownKind(string $kind): self
    {
        return new self('unknown kind', ['kind' => $kind, 'keys' => implode(', ', PrintableSheets::keys())]);
    }

    public static function unknownSize(string $at): self
    {
        return new self('unknown size', ['at' => $at]);
    }

    public static function unknownPrinter(string $name): self
    {
        return new self('unknown printer', ['name' => $name]);
    }

    public static function unknownLook(string $look): self
    {
        return new self('unknown look', ['look' => $look]);
    }

    public static function noShot(): self
    {
        return new self('no shot');
    }

    public static function pageTooSmall(): self
    {
        return new self('page too small');
    }

    public static function tooManyPages(int $count, int $most): self
    {
        return new self('too many pages', ['count' => $count, 'most' => $most]);
    }

    public static function tooManyFiles(int $count, Format $format): self
    {
        $name = strtoupper($format->value);

        return new self('too many files', ['count' => $count, 'name' => $name, 'most' => $format->mostPages()]);
    }

    public static function cellTooLarge(string $size): self
    {
        return new self('cell too large', ['size' => $size]);
    }

    public static function noSuchPage(int $page, int $count): self
    {
        return new self('no such page', ['page' => $page, 'count' => $count]);
    }

    public function choice(): string
    {
        return 'sheet';
    }
}
