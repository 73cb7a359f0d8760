<?php

declare(strict_types=1);

namespace App\Archive;

use InchLadder\Impossible;

/** A file that is no drawing to be taken in. */
final class ArchiveRefused extends Impossible
{
    /** @param  string  $path  as it was given; empty where none was */
    public static function missing(string $path = ''): self
    {
        return $path === '' ? new self('missing') : new self('no such file', ['path' => $path]);
    }

    public static function notAnArchive(): self
    {
        return new self('not an archive');
    }

    public static function tooLarge(): self
    {
        return new self('too large');
    }

    public static function hostile(string $name): self
    {
        return new self('hostile', ['name' => mb_strimwidth((string) preg_replace('/[^\x20-\x7E]/', '?', $name), 0, 40, '…')]);
    }

    public static function damaged(string $name): self
    {
        return new self('damaged', ['name' => $name]);
    }

    public static function newer(int $version): self
    {
        return new self('newer', ['version' => $version, 'most' => ArchiveWriter::VERSION]);
    }

    public static function unreadable(string $sentence): self
    {
        return new self('unreadable', ['sentence' => $sentence]);
    }

    public function choice(): string
    {
        return 'archive';
    }
}
