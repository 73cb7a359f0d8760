<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\KeptPrinter;
use App\Wire\Json\PrinterJson;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Impossible;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Unit;
use InchLadder\Printing\Bars;
use InchLadder\Printing\Printer;
use InchLadder\Printing\PrinterPaper;

/** Printers that are kept, as they are typed and as they are read. */
final readonly class Printers
{
    private LengthReader $lengths;

    private Notation $notation;

    public function __construct(private Unit $unit)
    {
        $this->lengths = new LengthReader($unit);
        $this->notation = new Notation($unit, $unit->commonRuler());
    }

    /** @return list<PrinterJson> by name */
    public function all(): array
    {
        return array_values(KeptPrinter::query()->orderBy('name')->get()->map($this->json(...))->all());
    }

    /**
     * @param  string  $across  the bar as it was measured; empty leaves the printer uncorrected
     *
     * @throws ValidationException
     * @throws Impossible
     */
    public function keep(string $name, string $paper, string $border, string $across = '', string $down = ''): KeptPrinter
    {
        if ($name === '' || mb_strlen($name) > 60) {
            throw ValidationException::withMessages(['printer.name' => Say::it('printers.name')]);
        }
        if (($across === '') !== ($down === '')) {
            throw ValidationException::withMessages([$across === '' ? 'printer.measured_across' : 'printer.measured_down' => Say::it('printers.both bars')]);
        }
        $free = $border === '' ? Printer::commonBorder($this->unit) : $this->lengths->read($border);
        $printer = Printer::of(PrinterPaper::named($paper), $free);
        $kept = KeptPrinter::named($name);
        // A page that was measured keeps the bars it was printed with, unless paper or border are others now.
        $same = $kept !== null && $kept->paper === $paper && $kept->border()->equals($free);
        $bars = $same ? $kept->bars() : Bars::on($printer, $this->unit);
        $measured = $across === '' ? null : [$this->lengths->read($across), $this->lengths->read($down)];
        $measured === null || $printer->measured($bars, ...$measured);

        return KeptPrinter::query()->updateOrCreate(['name' => $name], [
            'paper' => $paper,
            'border' => self::exact($free),
            'bar_across' => self::exact($bars->across),
            'bar_down' => self::exact($bars->down),
            'measured_across' => $measured === null ? null : self::exact($measured[0]),
            'measured_down' => $measured === null ? null : self::exact($measured[1]),
        ]);
    }

    public function json(KeptPrinter $kept): PrinterJson
    {
        $write = fn (?string $length): ?string => $length === null ? null : $this->notation->exactly((new LengthReader(Unit::Millimetre))->read($length));
        $printer = $kept->calibrate(Printer::of($kept->paper(), $kept->border()));

        return new PrinterJson($kept->id, $kept->name, $kept->paper, (string) $write($kept->border), (string) $write($kept->bar_across), (string) $write($kept->bar_down), $write($kept->measured_across), $write($kept->measured_down), match (true) {
            $kept->measured_across === null => Say::it('printers.not measured'),
            $printer->keepsSize() => Say::it('printers.true'),
            default => Say::it('printers.off', ['across' => self::off($printer->across), 'down' => self::off($printer->down)]),
        });
    }

    private static function off(Rational $share): string
    {
        $off = $share->minus(1)->times(100);

        return Say::it('printers.by.'.['short', 'true', 'long'][$off->compareTo(0) + 1], ['percent' => Fractions::places($off->abs(), 2)]);
    }

    private static function exact(Length $length): string
    {
        return $length->exact().' mm';
    }
}
