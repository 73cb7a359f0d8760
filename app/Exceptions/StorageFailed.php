<?php

declare(strict_types=1);

namespace App\Exceptions;

/** A file could not be written where it belongs. */
final class StorageFailed extends \RuntimeException
{
    /** @param  array<string, string>  $facts */
    private function __construct(public readonly string $reason, public readonly array $facts = [])
    {
        parent::__construct("StorageFailed: {$reason}");
    }

    public static function savingPhoto(): self
    {
        return new self('photo');
    }

    public static function savingPicture(): self
    {
        return new self('picture');
    }

    public static function writing(string $path): self
    {
        return new self('file', ['path' => basename($path)]);
    }
}
