<?php

declare(strict_types=1);

namespace App\Printing;

use App\Printing\Sheets\CalibrationPage;
use App\Printing\Sheets\ContourSheet;
use App\Printing\Sheets\CorrectionSheet;
use App\Printing\Sheets\CropCorners;
use App\Printing\Sheets\FoldingStrips;
use App\Printing\Sheets\GriddedReference;
use App\Printing\Sheets\MarkStrips;
use App\Printing\Sheets\OverlayGrid;
use App\Printing\Sheets\PlanPage;
use App\Printing\Sheets\StudySheet;
use App\Printing\Sheets\SwatchSheet;
use App\Printing\Sheets\ToneBarStrip;
use App\Printing\Sheets\TracingPack;
use App\Printing\Sheets\Viewfinder;

/** The sheets that can be printed, in the order they are offered. */
final class PrintableSheets
{
    /** @var list<class-string<PrintableSheet>> */
    private const ALL = [
        GriddedReference::class,
        OverlayGrid::class,
        MarkStrips::class,
        Viewfinder::class,
        CropCorners::class,
        FoldingStrips::class,
        TracingPack::class,
        ContourSheet::class,
        StudySheet::class,
        CorrectionSheet::class,
        ToneBarStrip::class,
        SwatchSheet::class,
        PlanPage::class,
        CalibrationPage::class,
    ];

    /** @return array<string, PrintableSheet> by key */
    public static function all(): array
    {
        return array_merge(...array_map(static fn (string $class): array => [$class::key() => new $class], self::ALL));
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_map(static fn (string $class): string => $class::key(), self::ALL);
    }

    /** @throws SheetImpossible when there is none of that name */
    public static function named(string $key): PrintableSheet
    {
        return self::all()[$key] ?? throw SheetImpossible::unknownKind($key);
    }
}
