<?php

declare(strict_types=1);

namespace App\Exceptions;

/** A file could not be written where it belongs. */
final class StorageFailed extends \RuntimeException
{
    /** @param  array<string, string>  $facts */
    private function __construct(public readonly string $reason, public readonly bool $isFull, public readonly array $facts = [])
    {
        parent::__construct("StorageFailed: {$reason}");
    }

    public static function savingPhoto(): self
    {
        return self::of('photo', DiskRoom::isGoneForData());
    }

    public static function savingPicture(): self
    {
        return self::of('picture', DiskRoom::isGoneForData());
    }

    public static function writing(string $path): self
    {
        return self::of('file', DiskRoom::isGone(dirname($path)), ['path' => basename($path)]);
    }

    /** @param  array<string, string>  $facts */
    private static function of(string $what, bool $isFull, array $facts = []): self
    {
        return new self($isFull ? "{$what}, disk full" : $what, $isFull, $facts);
    }
}
