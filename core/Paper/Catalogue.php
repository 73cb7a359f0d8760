<?php

declare(strict_types=1);

namespace InchLadder\Paper;

use InchLadder\Measure\Size;
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
        return array_merge(...array_map(self::of(...), self::STANDARDS));
    }

    /** @return list<Sheet> of about this area, in the order of the standards */
    public static function about(Size $size): array
    {
        $area = static fn (Size $size): float => $size->width->toFloat() * $size->height->toFloat();

        return array_values(array_filter(self::sheets(), static fn (Sheet $sheet): bool => abs(log($area($sheet->size) / $area($size), 2)) <= Figures::ABOUT_DOUBLINGS));
    }

    /** @throws SheetUnknown */
    public static function find(string $key): Sheet
    {
        return self::known($key) ?? throw SheetUnknown::named($key);
    }

    public static function has(string $key): bool
    {
        return self::known($key) !== null;
    }

    /** Standards are read one after another, and only until the sheet is found: most are in the first. */
    private static function known(string $key): ?Sheet
    {
        $key = self::key($key);
        foreach (self::STANDARDS as $standard) {
            if (isset(self::of($standard)[$key])) {
                return self::of($standard)[$key];
            }
        }

        return null;
    }

    /**
     * @param  class-string<Standard>  $standard
     * @return array<string, Sheet> by key
     */
    private static function of(string $standard): array
    {
        /** @var array<class-string<Standard>, array<string, Sheet>> $read */
        static $read = [];

        return $read[$standard] ??= array_column((new $standard)->sheets(), null, 'key');
    }

    private static function key(string $name): string
    {
        return str_replace(' ', '-', strtolower(trim($name)));
    }
}
