<?php

declare(strict_types=1);

namespace App\Devices;

use InchLadder\Impossible;

/** The simulated printer cannot print so. */
final class PrinterMisset extends Impossible
{
    public static function shrink(string $typed): self
    {
        return new self("“{$typed}” is no shrink; give what comes out of a hundred, across and down, like 97,98 (50 to 120).");
    }

    public static function skew(string $typed): self
    {
        return new self("“{$typed}” is no skew; give degrees from −10 to 10, like 0.3.");
    }

    public static function noSuchPage(string $file, int $leaf): self
    {
        return new self("“{$file}” is not a PDF with a page {$leaf}.");
    }

    public function choice(): string
    {
        return 'printer';
    }
}
