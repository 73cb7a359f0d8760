<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Printing\Bars;
use InchLadder\Printing\Printer;
use InchLadder\Printing\PrinterPaper;

/**
 * A printer in reach: the paper in it, and what its bars measured. Lengths are kept exact, as millimetres.
 *
 * @property string $id
 * @property string $name
 * @property string $paper a catalogue name, or a size
 * @property string $border
 * @property string $bar_across as its calibration page has it
 * @property string $bar_down
 * @property string|null $measured_across null until it was measured
 * @property string|null $measured_down
 */
final class KeptPrinter extends Model
{
    use HasUlids;

    protected $table = 'printers';

    protected $fillable = ['name', 'paper', 'border', 'bar_across', 'bar_down', 'measured_across', 'measured_down'];

    public static function named(string $name): ?self
    {
        return self::query()->firstWhere('name', $name);
    }

    public function paper(): Size
    {
        return PrinterPaper::named($this->paper);
    }

    public function border(): Length
    {
        return self::length($this->border);
    }

    public function bars(): Bars
    {
        return Bars::of(self::length($this->bar_across), self::length($this->bar_down));
    }

    /** A printer corrected by what was measured on this one, when something was. */
    public function calibrate(Printer $printer): Printer
    {
        return $this->measured_across === null || $this->measured_down === null
            ? $printer
            : $printer->measured($this->bars(), self::length($this->measured_across), self::length($this->measured_down));
    }

    private static function length(string $kept): Length
    {
        return (new LengthReader(Unit::Millimetre))->read($kept);
    }
}
