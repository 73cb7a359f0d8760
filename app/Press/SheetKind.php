<?php

declare(strict_types=1);

namespace App\Press;

use App\Press\Sheets\CalibrationPage;
use App\Press\Sheets\CropCorners;
use App\Press\Sheets\FoldingStrips;
use App\Press\Sheets\GriddedReference;
use App\Press\Sheets\MarkStrips;
use App\Press\Sheets\OverlayGrid;
use App\Press\Sheets\PlanPage;
use App\Press\Sheets\TracingPack;
use App\Press\Sheets\Viewfinder;

/** The sheets that can be printed. A new one is a class in Sheets and a case here. */
enum SheetKind: string
{
    case Gridded = 'gridded';
    case Overlay = 'overlay';
    case Strips = 'strips';
    case Viewfinder = 'viewfinder';
    case Corners = 'corners';
    case Folding = 'folding';
    case Tracing = 'tracing';
    case Plan = 'plan';
    case Calibration = 'calibration';

    public function sheet(): Sheet
    {
        return match ($this) {
            self::Gridded => new GriddedReference,
            self::Overlay => new OverlayGrid,
            self::Strips => new MarkStrips,
            self::Viewfinder => new Viewfinder,
            self::Corners => new CropCorners,
            self::Folding => new FoldingStrips,
            self::Tracing => new TracingPack,
            self::Plan => new PlanPage,
            self::Calibration => new CalibrationPage,
        };
    }

    /** @throws SheetImpossible */
    public static function named(string $kind): self
    {
        return self::tryFrom($kind) ?? throw SheetImpossible::unknownKind($kind);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
