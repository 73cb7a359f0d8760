<?php

declare(strict_types=1);

namespace App\Exceptions;

/** A file could not be written where it belongs. */
final class StorageFailed extends \RuntimeException
{
    public static function savingPhoto(): self
    {
        return new self('The photo could not be saved: the disk is full or may not be written to. Free some room and drop it again; nothing was half-saved.');
    }

    public static function savingPicture(): self
    {
        return new self('A working picture could not be saved: the disk is full or may not be written to. Free some room and try again; the photo itself is safe.');
    }

    public static function writing(string $path): self
    {
        return new self('“'.basename($path).'” could not be written; check that its folder is there and that the disk has room.');
    }
}
