<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Paper\Standards\ArchitecturalSheets;
use InchLadder\Paper\Standards\ArtistsSheets;
use InchLadder\Paper\Standards\AsmeY14;
use InchLadder\Paper\Standards\Iso216;
use InchLadder\Paper\Standards\JisP0138;
use InchLadder\Paper\Standards\OfficeSheets;
use InchLadder\Paper\Standards\PhotoPrints;
use InchLadder\Paper\Standards\StretchedCanvas;

/** All sheets known by name. */
final class Catalogue
{
    private const STANDARDS = [OfficeSheets::class, ArtistsSheets::class, Iso216::class, JisP0138::class, AsmeY14::class, ArchitecturalSheets::class, PhotoPrints::class, StretchedCanvas::class];

    /** @return array<string, Sheet> by key */
    public static function sheets(): array
    {
        /** @var array<string, Sheet>|null $sheets */
        static $sheets = null;

        return $sheets ??= array_column(
            array_merge(...array_map(static fn (string $standard): array => (new $standard)->sheets(), self::STANDARDS)),
            null,
            'key',
        );
    }

    /** @throws SheetUnknown */
    public static function find(string $key): Sheet
    {
        return self::sheets()[self::key($key)] ?? throw SheetUnknown::named($key);
    }

    public static function has(string $key): bool
    {
        return isset(self::sheets()[self::key($key)]);
    }

    private static function key(string $name): string
    {
        return str_replace(' ', '-', strtolower(trim($name)));
    }
}
