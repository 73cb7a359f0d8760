<?php

declare(strict_types=1);

namespace App\Press;

use App\Press\Sheets\GriddedReference;

/** The sheets that can be printed. A new one is a class in Sheets and a case here. */
enum SheetKind: string
{
    case Gridded = 'gridded';

    public function sheet(): Sheet
    {
        return match ($this) {
            self::Gridded => app(GriddedReference::class),
        };
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
