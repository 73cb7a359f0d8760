<?php

declare(strict_types=1);

namespace App\Press;

use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\SheetSize;

/** How a sheet is wanted: at which size, on which printer's paper. */
final readonly class Order
{
    private function __construct(public At $at, public ?Size $page)
    {
    }

    /**
     * @param  string|null  $page  a catalogue name or a size; null is A4 or letter, by the drawing's unit
     *
     * @throws SheetImpossible
     */
    public static function of(string $at, ?string $page = null): self
    {
        return new self(
            At::tryFrom($at) ?? throw SheetImpossible::unknownSize($at),
            $page === null || $page === '' ? null : self::size($page),
        );
    }

    private static function size(string $page): Size
    {
        try {
            return Catalogue::has($page) ? Catalogue::find($page)->size : SheetSize::check((new LengthReader(Unit::Millimetre))->readSize($page));
        } catch (Impossible) {
            throw SheetImpossible::unknownPage($page);
        }
    }
}
