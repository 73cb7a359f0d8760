<?php

declare(strict_types=1);

namespace App\Keeping;

use InchLadder\Impossible;

/** A copy that cannot be made, or put back. */
final class BackupImpossible extends Impossible
{
    public static function noData(string $data): self
    {
        return new self('no data', ['data' => $data]);
    }

    public static function nothingThere(string $folder): self
    {
        return new self('nothing there', ['folder' => $folder]);
    }

    /** @param  list<string>  $there */
    public static function unknown(string $name, array $there): self
    {
        return new self('unknown', ['name' => $name, 'there' => $there]);
    }

    public static function damaged(string $name): self
    {
        return new self('damaged', ['name' => $name]);
    }

    public static function notEmpty(string $data): self
    {
        return new self('not empty', ['data' => $data]);
    }

    /** The database there cannot be read, so nobody knows whether it is empty. */
    public static function unreadable(string $data): self
    {
        return new self('unreadable', ['data' => $data]);
    }

    /** @param  list<string>  $lost  SHA-256 of each */
    public static function photosLost(string $name, array $lost, int $of): self
    {
        return new self('photos lost', ['name' => $name, 'count' => count($lost), 'of' => $of]);
    }

    public function choice(): string
    {
        return 'backup';
    }
}
