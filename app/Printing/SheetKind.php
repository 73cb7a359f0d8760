<?php

declare(strict_types=1);

namespace App\Printing;

use App\Printing\Sheets\CalibrationPage;
use App\Printing\Sheets\CropCorners;
use App\Printing\Sheets\FoldingStrips;
use App\Printing\Sheets\GriddedReference;
use App\Printing\Sheets\MarkStrips;
use App\Printing\Sheets\OverlayGrid;
use App\Printing\Sheets\PlanPage;
use App\Printing\Sheets\ToneBarStrip;
use App\Printing\Sheets\TracingPack;
use App\Printing\Sheets\Viewfinder;

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
    case Tones = 'tones';
    case Plan = 'plan';
    case Calibration = 'calibration';

    public function sheet(): PrintableSheet
    {
        return match ($this) {
            self::Gridded => new GriddedReference,
            self::Overlay => new OverlayGrid,
            self::Strips => new MarkStrips,
            self::Viewfinder => new Viewfinder,
            self::Corners => new CropCorners,
            self::Folding => new FoldingStrips,
            self::Tracing => new TracingPack,
            self::Tones => new ToneBarStrip,
            self::Plan => new PlanPage,
            self::Calibration => new CalibrationPage,
        };
    }

    public function name(): string
    {
        return match ($this) {
            self::Gridded => 'The photo with its grid',
            self::Overlay => 'The grid on clear film',
            self::Strips => 'Strips with the marks',
            self::Viewfinder => 'A card with a window',
            self::Corners => 'Two corners to crop with',
            self::Folding => 'Strips to fold',
            self::Tracing => 'Full size, to trace',
            self::Tones => 'A tone bar',
            self::Plan => 'The plan on a page',
            self::Calibration => 'The printer’s own check',
        };
    }

    public function what(): string
    {
        return match ($this) {
            self::Gridded => 'Labelled, to draw from instead of a marked print.',
            self::Overlay => 'Lies over an original that must not be marked. Use film that the printer’s maker allows: the wrong one smears, or melts in the heat.',
            self::Strips => 'One for each edge of photo and paper; taped along it, nothing is measured.',
            self::Viewfinder => 'Shows one cell of the photo, or four, and hides the rest.',
            self::Corners => 'Slide them over the print until the picture is right.',
            self::Folding => 'No ruler, no numbers: halves, quarters and eighths.',
            self::Tracing => 'The crop at the drawing’s size, over as many pages as it takes.',
            self::Tones => 'As many boxes as you count tones, printed and to be filled, numbered from the lightest.',
            self::Plan => 'Sizes, scale, grid, marks and progress, to pin beside the easel.',
            self::Calibration => 'Two bars to measure, so that every later sheet comes out true.',
        };
    }

    /** @return list<string> what can be chosen about it */
    public function takes(): array
    {
        return match ($this) {
            self::Gridded => ['at print', 'at page', 'at drawing', 'labels', 'whole', 'mirrored', 'look', 'own'],
            self::Overlay => ['at print', 'at drawing', 'labels', 'mirrored', 'own'],
            self::Viewfinder => ['at print', 'at drawing'],
            self::Corners => ['own'],
            self::Tracing => ['look', 'lines', 'mirrored', 'own'],
            self::Plan => ['mirrored'],
            self::Strips, self::Folding, self::Tones, self::Calibration => [],
        };
    }

    /** Whether lines are drawn from it, or lie on it, that last. */
    public function isRuledFrom(): bool
    {
        return in_array($this, [self::Gridded, self::Overlay, self::Strips], true);
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
