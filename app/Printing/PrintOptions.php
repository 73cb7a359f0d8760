<?php

declare(strict_types=1);

namespace App\Printing;

use App\Models\KeptPrinter;
use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Printing\Printer;
use InchLadder\Printing\PrinterPaper;

/** How a sheet is wanted: at which size, by which printer, and what is to be seen on it. */
final readonly class PrintOptions
{
    /** Instead of a printer's paper: one page as large as it takes. */
    public const OWN_PAGE = 'own';

    private function __construct(
        /** Null leaves it to the sheet. */
        public ?At $at,
        /** Null makes a page of its own. */
        public ?Printer $printer,
        /** The unit a paper's default and bare numbers are in. */
        public Unit $unit,
        public bool $labels,
        /** The whole picture with the rest dimmed, not the crop alone. */
        public bool $whole,
        public bool $mirrored,
        public Look $look,
        /** The grid over a picture to trace. */
        public bool $lines,
    ) {
    }

    /**
     * @param  array<string, mixed>  $asked  at, page, border, printer, labels, whole, mirrored, look, lines; all may be left out
     *
     * @throws SheetImpossible
     * @throws Impossible
     */
    public static function of(array $asked, Unit $unit): self
    {
        $text = static fn (string $name): ?string => is_scalar($asked[$name] ?? null) && trim((string) $asked[$name]) !== '' ? trim((string) $asked[$name]) : null;
        $yes = static fn (string $name, bool $else): bool => $text($name) === null ? $else : filter_var($text($name), FILTER_VALIDATE_BOOL);
        $at = $text('at');
        $look = $text('look') ?? 'photo';

        return new self(
            $at === null ? null : (At::tryFrom($at) ?? throw SheetImpossible::unknownSize($at)),
            $text('page') === self::OWN_PAGE ? null : self::printer($text('printer'), $text('page'), $text('border'), $unit),
            $unit,
            $yes('labels', true),
            $yes('whole', false),
            $yes('mirrored', false),
            Look::tryFrom($look) ?? throw SheetImpossible::unknownLook($look),
            $yes('lines', false),
        );
    }

    /** The printer, or common paper where a sheet needs one. */
    public function paper(): Printer
    {
        return $this->printer ?? self::printer(null, null, null, $this->unit);
    }

    /** A printer that is kept, with other paper in it if that is said; or any printer. */
    private static function printer(?string $name, ?string $page, ?string $border, Unit $unit): Printer
    {
        $kept = $name === null ? null : (KeptPrinter::named($name) ?? throw SheetImpossible::unknownPrinter($name));
        $paper = $page === null && $kept !== null ? $kept->paper() : PrinterPaper::named($page ?? ($unit->isMetric() ? 'a4' : 'letter'));
        $free = match (true) {
            $border !== null => (new LengthReader($unit))->read($border),
            $kept !== null => $kept->border(),
            default => Printer::commonBorder($unit),
        };
        $printer = Printer::of($paper, $free);

        return $kept === null ? $printer : $kept->calibrate($printer);
    }
}
