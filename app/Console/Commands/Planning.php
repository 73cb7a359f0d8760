<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\ChoicesReader;
use App\Exceptions\StorageFailed;
use App\Printing\Look;
use App\Printing\PrintableSheets;
use App\Wording\DatabaseTrouble;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Validation\ValidationException;
use InchLadder\Fit\Way;
use InchLadder\Fit\Ways\WholeCells;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Labels;
use InchLadder\Impossible;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\LengthUnreadable;
use InchLadder\Measure\Notation;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use InchLadder\Paper\Catalogue;
use InchLadder\Paper\SheetUnknown;
use InchLadder\Paper\Turn;
use InchLadder\Photo\Reference;
use InchLadder\Photo\Subject;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What the commands that take choices share: the options, and one sentence on stderr when something is wrong. */
abstract class Planning extends Command
{
    protected const OPTIONS = '
        {--sheet=artist-9x12 : A catalogue name (artist-9x12, a3, letter) or a size (30x42cm)}
        {--fit=crop : WAYS}
        {--cell= : Side of a cell on the paper, like 3cm}
        {--columns= : Cells across, 1 to 60}
        {--rows= : Cells down, 1 to 60}
        {--turn=given : TURNS}
        {--margin= : Kept free on every side of the sheet}
        {--ruler= : The finest division, like 1/16in or 1mm}
        {--unit= : in, cm or mm; bare numbers take it}
        {--labels=letters : LABELS}';

    /** In a signature each of these words stands for all that the option takes: the one list of it says it. */
    private const LISTS = [
        'WAYS' => Way::class, 'TURNS' => Turn::class, 'LABELS' => Labels::class, 'SUBJECTS' => Subject::class, 'LOOKS' => Look::class,
    ];

    /** @var array<string, string> the names that options had before, and their names now. A terminal takes both */
    protected const FORMERLY = [];

    public function __construct()
    {
        $lists = array_map(static fn (string $of): array => array_column($of::cases(), 'value'), self::LISTS);
        $this->signature = strtr((string) $this->signature, array_map(Say::either(...), [...$lists, 'KINDS' => PrintableSheets::keys()]));
        parent::__construct();
    }

    public function run(InputInterface $input, OutputInterface $output): int
    {
        return parent::run($input instanceof ArgvInput && static::FORMERLY !== [] ? $this->renamed($input) : $input, $output);
    }

    private function renamed(ArgvInput $input): ArgvInput
    {
        $plain = static fn (string $token): string => (string) preg_replace_callback(
            '/^--([a-z-]+)(?=$|=)/D', static fn (array $said): string => '--'.(static::FORMERLY[$said[1]] ?? $said[1]), $token,
        );
        $renamed = new ArgvInput(['', ...array_map($plain, $input->getRawTokens())]);
        $renamed->setInteractive($input->isInteractive());

        return $renamed;
    }

    final public function handle(): int
    {
        try {
            $this->answer();

            return self::SUCCESS;
        } catch (ValidationException $e) {
            $sentence = (string) collect($e->errors())->flatten()->first();
        } catch (Impossible|StorageFailed $e) {
            $sentence = Refusal::of($e, $this->spokenUnit());
        } catch (QueryException $e) {
            $sentence = DatabaseTrouble::of($e)->sentence ?? throw $e;
        }
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($sentence);

        return self::FAILURE;
    }

    /**
     * @throws Impossible
     * @throws QueryException
     * @throws StorageFailed
     * @throws ValidationException
     */
    abstract protected function answer(): void;

    /**
     * The options as a choices document.
     *
     * @param  Size|null  $print  the print's size; null works from a screen
     * @return array<string, mixed>
     */
    protected function document(?Size $print): array
    {
        $unit = $this->unit();
        $notation = new Notation($unit, $unit->commonRuler());
        $exact = static fn (Size $size): array => ['width' => $notation->exactly($size->width), 'height' => $notation->exactly($size->height)];
        $sheet = (string) $this->text('sheet');
        $named = Catalogue::has($sheet) ? Catalogue::find($sheet) : null;
        // What has no figure in it was meant as a name.
        $size = $named->size ?? (preg_match('/\d/', $sheet) === 1 ? $this->lengths()->readSize($sheet) : throw SheetUnknown::named($sheet));
        $margin = $this->text('margin') ?? '0';

        return [
            'unit' => $unit->value,
            'ruler' => $this->text('ruler') ?? $unit->commonRuler()->name,
            'photo' => $print === null ? ['kind' => 'screen'] : ['kind' => 'print', ...$exact($print)],
            'paper' => [
                'sheet' => $named?->key,
                ...$exact($size),
                'turn' => $this->text('turn'),
                'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], $margin),
            ],
            'fit' => array_filter([
                'way' => $this->text('fit'),
                'cell' => $this->text('fit') === 'cells' ? $this->wholeCell($size, $margin) : null,
                'columns' => $this->text('columns'),
                'rows' => $this->text('rows'),
            ], static fn (?string $value): bool => $value !== null),
            'grid' => array_filter([
                'school' => $this->school(),
                'columns' => $this->text('columns'),
                'rows' => $this->text('rows'),
                'cell' => $this->text('cell'),
                'labels' => $this->text('labels'),
            ], static fn (?string $value): bool => $value !== null),
        ];
    }

    /** A photo option: `9x12cm` is a print, `1600x1200` is pixels, `10x15` after a catalogue name is its size. */
    protected function read(?string $photo): Reference|Size
    {
        if ($photo === null) {
            throw ValidationException::withMessages(['photo' => 'Say what the photo is: --photo=9x12cm for a print of that size, --photo=1600x1200 for pixels on a screen.']);
        }
        if (Catalogue::has($photo)) {
            return Catalogue::find($photo)->size;
        }
        if (preg_match('/^\s*([0-9]{1,6})\s*[x×]\s*([0-9]{1,6})\s*$/iuD', $photo, $found)) {
            [$wide, $high] = [(int) $found[1], (int) $found[2]];

            return $wide > 0 && $high > 0 ? Reference::onScreen($wide, $high) : throw LengthUnreadable::text($photo);
        }

        return $this->lengths()->readSize($photo);
    }

    protected function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) && $value !== '' ? $value : null;
    }

    protected function lengths(): LengthReader
    {
        return new LengthReader($this->unit());
    }

    /** The unit that the command was given, as far as it takes one. */
    private function spokenUnit(): ?Unit
    {
        try {
            return $this->hasOption('unit') ? $this->unit() : null;
        } catch (\Throwable) {
            return null;
        }
    }

    /** The unit asked for, or the first one that was typed: with the ruler, the sheet's size, the photo's size. Else the named sheet's. */
    private function unit(): Unit
    {
        $asked = $this->text('unit');
        if ($asked !== null) {
            return Unit::tryFrom($asked) ?? throw ValidationException::withMessages(['unit' => 'A unit is in, cm or mm.']);
        }
        $sheet = (string) $this->text('sheet');
        $named = Catalogue::has($sheet) ? Catalogue::find($sheet) : null;
        $lengths = new LengthReader(Unit::Inch);
        $said = static function (?string $typed, bool $isSize) use ($lengths): ?Unit {
            try {
                return $typed === null || Catalogue::has($typed) ? null : ($isSize ? $lengths->typedSize($typed)[1]->said : $lengths->typed($typed)->said);
            } catch (LengthUnreadable) {
                return null;
            }
        };
        $photo = $this->hasOption('photo') ? $this->text('photo') : null;
        $named = $named?->unit === Unit::Millimetre ? Unit::Centimetre : $named?->unit;

        return $said($this->text('ruler'), false) ?? $said($sheet, true) ?? $said($photo, true) ?? $named ?? Unit::Inch;
    }

    private function school(): string
    {
        return match (true) {
            $this->text('cell') !== null && $this->text('fit') !== 'cells' => 'measure',
            $this->text('columns') !== null && $this->text('rows') !== null => 'proportional',
            default => 'count',
        };
    }

    /** Whole cells need a cell: the one given, or the largest of which so many fit. */
    private function wholeCell(Size $sheet, string $margin): string
    {
        if ($this->text('cell') !== null) {
            return $this->text('cell');
        }
        $typed = fn (string $of): ?int => $this->text($of) === null ? null : (int) filter_var($this->text($of), FILTER_VALIDATE_INT);
        $rows = $typed('rows');
        $cells = Cells::of($typed('columns') ?? ChoicesReader::DEFAULTS['grid']['columns'], $rows ?? 1);
        $free = $this->lengths()->read($margin)->times(2);
        $usable = new Size($sheet->width->minus($free), $sheet->height->minus($free));

        return WholeCells::largest($usable, $cells->columns, $rows)->exact().' mm';
    }
}
