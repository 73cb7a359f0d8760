<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\LengthJson;
use App\Wire\Json\PaperFamilyJson;
use App\Wire\Json\PaperSizeJson;
use App\Wire\Json\QuickScaleJson;
use App\Wire\Json\SetDividersJson;
use App\Wire\Json\VerdictJson;
use App\Wording\Phrases;
use App\Wording\Say;
use App\Wording\Writing;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\QuickScale;
use InchLadder\Fit\Ratio;
use InchLadder\Marks\SquareCheck;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Sheet;

/** Answers what needs no drawing: a quick scale, dividers, whether a frame is square, sizes of paper. */
final readonly class Instruments
{
    private LengthReader $lengths;

    public function __construct(private Unit $unit)
    {
        $this->lengths = new LengthReader($unit);
    }

    /** @throws ValidationException */
    public function scale(string $photo, string $paper, string $length, string $part): QuickScaleJson
    {
        [$photo, $paper] = [$this->length('photo', $photo), $this->length('paper', $paper)];
        $scale = Typed::beside('paper', static fn (): QuickScale => QuickScale::of($photo, $paper));
        $asked = $length === '' ? $photo : $this->length('length', $length);
        $on = $scale->onPaper($asked);
        $lines = [
            Say::it('instruments.scale.factor', ['factor' => '×'.Fractions::mixed($scale->ratio), 'percent' => Fractions::places($scale->ratio->times(100), 1)]),
            Say::it('instruments.scale.length', ['photo' => self::written($asked, $this->unit), ...$this->both($on)]),
        ];
        if ($part !== '') {
            $share = $this->part($part);
            $lines[] = Say::it('instruments.scale.part', ['part' => $part, ...$this->both($scale->onPaper($asked, $share))]);
        }
        $lines[] = Say::it('instruments.scale.back', ['photo' => self::written($asked, $this->unit), ...$this->both($scale->onPhoto($asked))]);

        return new QuickScaleJson('×'.Fractions::mixed($scale->ratio), round($asked->toFloat(), 4), round($on->toFloat(), 4), self::in($on, Unit::Inch), self::in($on, Unit::Centimetre), $lines);
    }

    /** @throws ValidationException */
    public function dividers(string $length, string $ratio): SetDividersJson
    {
        $long = $this->length('length', $length);

        return (new DividerWriter($this->unit))->divider($long, Typed::beside('ratio', fn (): Rational => Ratio::read($ratio, $this->lengths)));
    }

    /** @throws ValidationException */
    public function square(string $width, string $height, string $falling, string $rising): VerdictJson
    {
        $frame = new Size($this->length('width', $width), $this->length('height', $height));
        $step = $this->unit->commonRuler()->step;
        $expected = $this->own(Length::mm(Rational::near($frame->diagonal(), 4)));
        if ($falling === '' || $rising === '') {
            return new VerdictJson(true, [Say::it('markchecks.expected', ['diagonal' => $expected, 'step' => $this->own($step)])]);
        }
        $found = Typed::beside('falling', fn (): SquareCheck => SquareCheck::of($frame, $this->length('falling', $falling), $this->length('rising', $rising), $step));

        return $found->isSquare ? new VerdictJson(true, [Say::it('markchecks.square', ['diagonal' => $expected])]) : new VerdictJson(false, abs($found->slid) > $step->toFloat()
            ? [Say::it('instruments.square.lean.'.($found->slid > 0 ? 'right' : 'left'), ['degrees' => Fractions::places(Rational::near(abs($found->lean), 2), 2), 'slid' => $this->own(Length::mm(Rational::near(abs($found->slid), 4)))])]
            : [Say::it('instruments.square.sides')]);
    }

    /** @return list<PaperFamilyJson> by standard, the largest sheet first */
    public function papers(): array
    {
        $families = [];
        foreach (Catalogue::sheets() as $sheet) {
            // ISO and JIS sheets go by a letter, each a series of its own.
            $families[preg_match('/^([A-Z])[0-9]+$/D', strtoupper($sheet->name), $found) === 1 ? Say::it('instruments.family', ['source' => Phrases::source($sheet), 'letter' => $found[1]]) : Phrases::source($sheet)][] = $sheet;
        }

        return array_map(static function (string $name, array $sheets): PaperFamilyJson {
            usort($sheets, static fn (Sheet $a, Sheet $b): int => $b->size->width->toFloat() * $b->size->height->toFloat() <=> $a->size->width->toFloat() * $a->size->height->toFloat());

            return new PaperFamilyJson($name, array_map(self::paper(...), $sheets));
        }, array_keys($families), array_values($families));
    }

    private static function paper(Sheet $sheet): PaperSizeJson
    {
        $written = static function (Unit $unit) use ($sheet): string {
            $notation = new Notation($unit, $unit->commonRuler());

            return $notation->amount($unit->commonRuler()->round($sheet->size->width)->reading).' × '.$notation->plain($unit->commonRuler()->round($sheet->size->height)->reading);
        };

        return new PaperSizeJson($sheet->name, round($sheet->size->width->toFloat(), 2), round($sheet->size->height->toFloat(), 2), $written(Unit::Inch), $written(Unit::Centimetre), Fractions::places($sheet->size->ratio(), 3));
    }

    /** @return array{inches: string, centimetres: string} each as its ruler reads it, and how far that is off */
    private function both(Length $length): array
    {
        return ['inches' => self::written($length, Unit::Inch), 'centimetres' => self::written($length, Unit::Centimetre)];
    }

    private static function written(Length $length, Unit $unit): string
    {
        return (new Writing(new Notation($unit, $unit->commonRuler())))->written($length);
    }

    /** At a graduation of the ruler that is common in a unit. */
    private static function in(Length $length, Unit $unit): LengthJson
    {
        $notation = new Notation($unit, $unit->commonRuler());

        return LengthJson::onRuler($notation->ruler->round($length)->reading, $notation);
    }

    private function own(Length $length): string
    {
        $ruler = $this->unit->commonRuler();

        return (new Notation($this->unit, $ruler))->plain($ruler->round($length)->reading);
    }

    private function part(string $typed): Rational
    {
        $share = preg_match('~^([0-9]{1,6})\s*/\s*([1-9][0-9]{0,5})$~', $typed, $found) === 1 ? Rational::nd((int) $found[1], (int) $found[2]) : (is_numeric($typed) && (float) $typed >= 0 && (float) $typed < 1000 ? Rational::near((float) $typed, 6) : null);

        return $share ?? throw ValidationException::withMessages(['part' => Say::it('instruments.fraction', ['part' => $typed])]);
    }

    private function length(string $field, string $typed): Length
    {
        return Typed::beside($field, fn (): Length => $this->lengths->read($typed));
    }
}
