<?php

declare(strict_types=1);

namespace App\Archive;

use InchLadder\Impossible;

/** A file that is no drawing to be taken in. */
final class ArchiveRefused extends Impossible
{
    public static function missing(): self
    {
        return new self('No file came with this; choose a drawing that was exported, a .zip.');
    }

    public static function notAnArchive(): self
    {
        return new self('This file is not a drawing that was exported: it is no zip, or a damaged one. Export it again, and bring that.');
    }

    public static function tooLarge(): self
    {
        return new self('This archive unfolds to more than a drawing can hold; nothing of it was taken in.');
    }

    public static function hostile(string $name): self
    {
        return new self('There is something in this archive that does not belong in a drawing (“'.mb_strimwidth((string) preg_replace('/[^\x20-\x7E]/', '?', $name), 0, 40, '…').'”); nothing of it was taken in.');
    }

    public static function damaged(string $name): self
    {
        return new self("“{$name}” in this archive is damaged or missing; export the drawing again, and bring that. Nothing was taken in.");
    }

    public static function newer(int $version): self
    {
        return new self("This drawing was exported by a newer Inch Ladder (document {$version}; this one reads up to ".ArchiveWriter::VERSION.'); bring this one up to date first.');
    }

    public static function unreadable(string $sentence): self
    {
        return new self("The choices in this archive cannot be read: {$sentence}");
    }

    public function choice(): string
    {
        return 'archive';
    }
}
