<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Json\ChoicesJson;
use App\Exchange\Json\FitChoice;
use App\Exchange\Json\GridChoice;
use App\Exchange\Json\MarginsChoice;
use App\Exchange\Json\PaperChoice;
use App\Exchange\Json\PhotoChoice;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Fit;
use InchLadder\Fit\Frame;
use InchLadder\Fit\Reference;
use InchLadder\Fit\Ways\CropToPaper;
use InchLadder\Fit\Ways\Inset;
use InchLadder\Fit\Ways\Stretch;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Labels;
use InchLadder\Grid\School;
use InchLadder\Grid\Schools\ProportionalCells;
use InchLadder\Grid\Schools\SquaresByCount;
use InchLadder\Grid\Schools\SquaresByMeasure;
use InchLadder\Impossible;
use InchLadder\Measure\Graduation;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\Margins;
use InchLadder\Paper\Placement;
use InchLadder\Paper\SheetSize;
use InchLadder\Paper\Turn;
use InchLadder\Plan\Choices;

/**
 * Reads a choices document, as stored or as sent, into the core's Choices.
 *
 * What a document leaves out gets its default; every field that cannot be read
 * is answered beside that field.
 */
final class ChoicesReader
{
    public const FORMAT = 1;

    /** What a new drawing starts with. */
    public const DEFAULTS = [
        'format' => self::FORMAT,
        'title' => 'Untitled',
        'unit' => 'in',
        'ruler' => '1/16 in',
        'photo' => ['kind' => 'screen', 'width' => null, 'height' => null, 'agreed' => false],
        'paper' => [
            'sheet' => 'letter', 'width' => '8 1/2 in', 'height' => '11 in', 'turn' => 'advised', 'placement' => 'centred',
            'margins' => ['top' => '1/4 in', 'right' => '1/4 in', 'bottom' => '1/4 in', 'left' => '1/4 in'],
        ],
        'fit' => ['way' => 'crop', 'left' => null, 'top' => null, 'size' => 1, 'inset' => 1, 'cell' => '1 1/2 in', 'columns' => null, 'rows' => null],
        'grid' => ['school' => 'count', 'columns' => 5, 'rows' => 7, 'cell' => '1 in', 'on' => 'paper', 'labels' => 'letters', 'colour' => null],
    ];

    private const FRACTION_DIGITS = 6;

    /** The document with every default filled in and every bare number given its unit. */
    public readonly ChoicesJson $json;

    public readonly Choices $choices;

    /** @var array<string, list<string>> field => sentences */
    private array $errors = [];

    /** @var array<string, Length> as typed => as read */
    private array $read = [];

    private LengthReader $lengths;

    private Unit $unit;

    /** @param  array<array-key, mixed>  $document */
    private function __construct(private readonly array $document, ?int $wide, ?int $high)
    {
        $this->unit = $this->one('unit', Unit::class);
        $this->lengths = new LengthReader($this->unit);
        $notation = $this->notation();

        $photo = new PhotoChoice(
            kind: $this->word('photo.kind', ['screen', 'print']),
            width: $this->typed('photo.width'),
            height: $this->typed('photo.height'),
            agreed: (bool) $this->at('photo.agreed'),
        );
        $paper = $this->paper();
        $fit = new FitChoice(
            way: $this->word('fit.way', ['crop', 'inset', 'cells', 'stretch']),
            left: $this->share('fit.left', 0, 1),
            top: $this->share('fit.top', 0, 1),
            size: $this->share('fit.size', 0.05, 1) ?? 1,
            inset: $this->share('fit.inset', 0.05, 1) ?? 1,
            cell: $this->typed('fit.cell') ?? self::DEFAULTS['fit']['cell'],
            columns: $this->whole('fit.columns'),
            rows: $this->whole('fit.rows'),
        );
        $grid = new GridChoice(
            school: $this->word('grid.school', ['count', 'measure', 'proportional']),
            columns: $this->whole('grid.columns') ?? self::DEFAULTS['grid']['columns'],
            rows: $this->whole('grid.rows') ?? self::DEFAULTS['grid']['rows'],
            cell: $this->typed('grid.cell') ?? self::DEFAULTS['grid']['cell'],
            on: $this->word('grid.on', ['paper', 'print']),
            labels: $this->one('grid.labels', Labels::class)->value,
            colour: is_string($this->at('grid.colour')) ? $this->at('grid.colour') : null,
        );
        $title = is_string($this->at('title')) ? trim(mb_strimwidth($this->at('title'), 0, 120)) : '';

        $this->json = new ChoicesJson(self::FORMAT, $title === '' ? 'Untitled' : $title, $this->unit->value, $notation->ruler->name, $photo, $paper, $fit, $grid);
        $reference = $this->beside('photo.width', fn (): Reference => $this->reference($photo, $wide, $high));
        $school = $this->beside(null, fn (): School => $this->school($grid));
        $size = $this->beside('paper.width', fn (): Size => SheetSize::check($this->size($paper->width, $paper->height)));
        $way = $this->fit($fit);
        $this->refuseIfWrong();
        assert($reference !== null && $school !== null && $size !== null, 'What could not be read was refused above.');

        $this->choices = new Choices(
            $notation,
            $reference,
            $size,
            $paper->sheet === null ? null : Catalogue::find($paper->sheet)->name,
            Turn::from($paper->turn),
            new Margins(...array_map($this->length(...), (array) $paper->margins)),
            Placement::from($paper->placement),
            $way,
            $school,
            Labels::from($grid->labels),
        );
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  int|null  $wide  the photo's pixels; null when there is only a print
     *
     * @throws ValidationException naming each field that cannot be read
     */
    public static function read(array $document, ?int $wide, ?int $high): self
    {
        return new self($document, $wide, $high);
    }

    private function notation(): Notation
    {
        $ruler = $this->at('ruler');

        return $this->beside('ruler', fn (): Notation => new Notation($this->unit, Graduation::read(is_string($ruler) ? $ruler : '')))
            ?? new Notation($this->unit, $this->unit->commonRuler());
    }

    private function paper(): PaperChoice
    {
        $sheet = $this->at('paper.sheet');
        if ($sheet !== null && ! (is_string($sheet) && Catalogue::has($sheet))) {
            $this->wrong('paper.sheet', 'This sheet is not in the catalogue; choose another, or type its size.');
            $sheet = null;
        }
        $margin = fn (string $side): string => $this->typed("paper.margins.{$side}") ?? '0 '.$this->unit->value;

        return new PaperChoice(
            sheet: $sheet,
            width: $this->typed('paper.width') ?? self::DEFAULTS['paper']['width'],
            height: $this->typed('paper.height') ?? self::DEFAULTS['paper']['height'],
            turn: $this->one('paper.turn', Turn::class)->value,
            placement: $this->one('paper.placement', Placement::class)->value,
            margins: new MarginsChoice($margin('top'), $margin('right'), $margin('bottom'), $margin('left')),
        );
    }

    private function reference(PhotoChoice $photo, ?int $wide, ?int $high): Reference
    {
        if ($photo->kind === 'print') {
            foreach (['width' => $photo->width, 'height' => $photo->height] as $side => $typed) {
                if ($typed === null) {
                    $this->wrong("photo.{$side}", 'Measure this side of the print, like 7 in or 18 cm.');
                }
            }
            $this->refuseIfWrong();

            return Reference::printed($this->size((string) $photo->width, (string) $photo->height), $wide, $high);
        }

        return Reference::onScreen(max(1, (int) $wide), max(1, (int) $high));
    }

    private function fit(FitChoice $fit): Fit
    {
        $decimal = static fn (float $share): Rational => Rational::of(number_format($share, self::FRACTION_DIGITS, '.', ''));
        $frame = new Frame($fit->left === null ? null : $decimal($fit->left), $fit->top === null ? null : $decimal($fit->top), $decimal($fit->size));

        return match ($fit->way) {
            'crop' => new CropToPaper($frame),
            'inset' => new Inset($decimal($fit->inset)),
            'stretch' => new Stretch,
            default => new WholeCells($this->length($fit->cell), $frame, $fit->columns, $fit->rows),
        };
    }

    private function school(GridChoice $grid): School
    {
        return match ($grid->school) {
            'count' => SquaresByCount::across($grid->columns),
            'measure' => new SquaresByMeasure($this->length($grid->cell), $grid->on === 'print'),
            default => new ProportionalCells(Cells::of($grid->columns, $grid->rows)),
        };
    }

    /** A length already found readable; one that was not has its sentence, and stands in as nothing. */
    private function length(string $typed): Length
    {
        try {
            return $this->read[$typed] ??= $this->lengths->read($typed);
        } catch (Impossible) {
            return Length::zero();
        }
    }

    private function size(string $width, string $height): Size
    {
        return new Size($this->length($width), $this->length($height));
    }

    /** A length as typed, checked, and given its unit if it has none; null when there is none. */
    private function typed(string $field): ?string
    {
        $text = $this->at($field);
        if ($text === null || $text === '') {
            return null;
        }
        $text = is_string($text) || is_int($text) || is_float($text) ? trim((string) $text) : '?';
        $whole = preg_match('/[\d½⅓⅔¼¾⅛⅜⅝⅞.]$/u', $text) ? "{$text} {$this->unit->value}" : $text;
        $length = $this->beside($field, fn (): Length => $this->lengths->read($text));
        if ($length !== null) {
            $this->read[$whole] = $length;
        }

        return $whole;
    }

    private function whole(string $field): ?int
    {
        $value = $this->at($field);
        if ($value === null || $value === '') {
            return null;
        }
        if (filter_var($value, FILTER_VALIDATE_INT) === false) {
            $this->wrong($field, 'A count is a whole number from 1 to '.Cells::MOST.'.');

            return null;
        }
        $count = (int) $value;
        $this->beside($field, fn (): Cells => str_ends_with($field, 'rows') ? Cells::of(1, $count) : Cells::of($count, 1));

        return $count;
    }

    private function share(string $field, float $least, float $most): ?float
    {
        $value = $this->at($field);
        if ($value === null) {
            return null;
        }
        if (! is_numeric($value)) {
            $this->wrong($field, "A share is a number from {$least} to {$most}.");

            return null;
        }

        return round(max($least, min($most, (float) $value)), self::FRACTION_DIGITS);
    }

    /** @param  non-empty-list<string>  $known */
    private function word(string $field, array $known): string
    {
        $value = $this->at($field);
        if (! in_array($value, $known, true)) {
            $this->wrong($field, 'Choose one of '.implode(', ', $known).'.');

            return $known[0];
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private function one(string $field, string $enum): \BackedEnum
    {
        $names = array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases());

        return $enum::from($this->word($field, $names ?: ['']));
    }

    private function at(string $field): mixed
    {
        return self::in($this->document, $field, self::in(self::DEFAULTS, $field, null));
    }

    /** @param  array<array-key, mixed>  $document */
    private static function in(array $document, string $field, mixed $missing): mixed
    {
        foreach (explode('.', $field) as $name) {
            if (! is_array($document) || ! array_key_exists($name, $document)) {
                return $missing;
            }
            $document = $document[$name];
        }

        return $document;
    }

    /**
     * @template T
     *
     * @param  string|null  $field  null leaves the place to the sentence itself
     * @param  \Closure(): T  $read
     * @return T|null
     */
    private function beside(?string $field, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Impossible $e) {
            $this->wrong($field ?? $e->choice(), $e->getMessage());

            return null;
        }
    }

    private function wrong(string $field, string $sentence): void
    {
        if (! in_array($sentence, $this->errors[$field] ?? [], true)) {
            $this->errors[$field][] = $sentence;
        }
    }

    private function refuseIfWrong(): void
    {
        if ($this->errors !== []) {
            throw ValidationException::withMessages($this->errors);
        }
    }
}
