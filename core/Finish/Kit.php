<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Measure\Size;

/** What is laid ready for a sitting, by its names in lang/en/kit: by the size of the sheet, what is used on it, and what goes over it (common practice). */
final readonly class Kit
{
    /** Mm: on a larger sheet a ruler of a foot is laid again and again, and a straightedge is wanted (ours). */
    private const LONG = 450.0;

    /**
     * @param  Size  $sheet  the way round it lies
     * @param  bool  $ruled  whether lines are ruled on it still
     * @return list<string>
     */
    public static function for(Size $sheet, Medium $medium, bool $ruled, bool $wall): array
    {
        $long = max($sheet->width->toFloat(), $sheet->height->toFloat()) > self::LONG;

        return array_values(array_filter([
            'sheet',
            $wall ? 'wall' : 'board',
            $long ? 'long-ruler' : 'ruler',
            $ruled ? 'square' : null,
            $ruled ? 'guide-pencil' : null,
            match ($medium) {
                Medium::Graphite => 'graphite',
                Medium::Ink => 'ink',
                Medium::Wash => 'wash',
                Medium::Pastel => 'pastel',
                Medium::Crayon => 'crayon',
                Medium::Paint => 'paint',
                Medium::Relief => 'relief',
            },
            'kneaded',
            // Pastel has its own, that it does not stick to.
            $medium === Medium::Pastel ? null : 'guard',
            $medium === Medium::Pastel ? 'damp-cloth' : 'brush',
            'clean',
        ]));
    }
}
