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

    public function choice(): string
    {
        return 'backup';
    }
}
