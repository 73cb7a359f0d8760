<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\DivisionChoice;
use App\Documents\Choices\GridChoice;
use App\Documents\Choices\PartChoice;
use App\Documents\Choices\WeightsChoice;
use App\Wording\Say;
use InchLadder\Grid\Cells;
use InchLadder\Grid\Corner;
use InchLadder\Grid\Division;
use InchLadder\Grid\Hairlines;
use InchLadder\Grid\Labels;
use InchLadder\Grid\Overlay;
use InchLadder\Grid\Part;
use InchLadder\Grid\Remainder;
use InchLadder\Grid\School;
use InchLadder\Grid\SchoolCatalogue;
use InchLadder\Grid\SchoolMeasures;
use InchLadder\Grid\Schools\AxesWithTicks;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** Reads the school of grid, its labels and lines; what belongs to another school is kept for a return to it. */
final readonly class GridPart implements SchoolMeasures
{
    public const DEFAULTS = [
        'school' => 'count', 'columns' => 6, 'rows' => 8, 'cell' => '1 in', 'on' => 'paper', 'remainder' => 'keep',
        'labels' => 'letters', 'corner' => 'top left',
        'colour' => null, 'weights' => ['photo' => 2, 'paper' => 2, 'print' => 2], 'fold_columns' => 4, 'fold_rows' => 4, 'x' => '1/2', 'y' => '1/2', 'tick' => '1/2 in',
        'main_across' => [], 'main_down' => [], 'own_across' => '', 'own_down' => '', 'divided' => [], 'overlays' => [], 'part' => null,
    ];

    public GridChoice $json;

    public function __construct(private Fields $fields)
    {
        $weight = static fn (string $board): int => max(1, min(3, (int) $fields->at("grid.weights.{$board}")));
        $overlays = $fields->at('grid.overlays');
        $count = static fn (string $field): int => filter_var($fields->at($field), FILTER_VALIDATE_INT) ?: 0;
        $this->json = new GridChoice(
            school: $fields->word('grid.school', SchoolCatalogue::keys()),
            columns: $fields->whole('grid.columns') ?? self::DEFAULTS['columns'],
            rows: $fields->whole('grid.rows') ?? self::DEFAULTS['rows'],
            cell: $fields->typed('grid.cell') ?? self::DEFAULTS['cell'],
            on: $fields->word('grid.on', ['paper', 'print']),
            remainder: $fields->one('grid.remainder', Remainder::class)->value,
            labels: $fields->one('grid.labels', Labels::class)->value,
            corner: $fields->one('grid.corner', Corner::class)->value,
            colour: is_string($fields->at('grid.colour')) ? $fields->at('grid.colour') : null,
            weights: new WeightsChoice($weight('photo'), $weight('paper'), $weight('print')),
            fold_columns: $count('grid.fold_columns'),
            fold_rows: $count('grid.fold_rows'),
            x: $fields->place('grid.x') ?? '1/2',
            y: $fields->place('grid.y') ?? '1/2',
            tick: $fields->typedPositive('grid.tick', static fn (): string => Say::it('choices.ticks of nothing')) ?? self::DEFAULTS['tick'],
            main_across: $this->shares('grid.main_across'),
            main_down: $this->shares('grid.main_down'),
            own_across: $this->lengthsWritten('grid.own_across'),
            own_down: $this->lengthsWritten('grid.own_down'),
            divided: array_map(static fn (int $i): DivisionChoice => new DivisionChoice(
                column: max(0, $count("grid.divided.{$i}.column")),
                row: max(0, $count("grid.divided.{$i}.row")),
                parts: in_array($count("grid.divided.{$i}.parts"), Division::PARTS, true) ? $count("grid.divided.{$i}.parts") : 2,
                hairlines: (Hairlines::tryFrom($fields->words("grid.divided.{$i}.hairlines", 20)) ?? Hairlines::InTheCell)->value,
            ), $fields->entries('grid.divided', 60)),
            part: is_array($fields->at('grid.part')) ? new PartChoice(...array_map(static fn (string $side): string => $fields->place("grid.part.{$side}") ?? '0', ['left' => 'left', 'top' => 'top', 'width' => 'width', 'height' => 'height'])) : null,
            overlays: is_array($overlays) ? array_values(array_intersect(array_column(Overlay::cases(), 'value'), array_filter($overlays, is_string(...)))) : [],
        );
    }

    public function school(): ?School
    {
        return $this->schoolCalled($this->json->school);
    }

    /** What another school would be, with all that was chosen for it. */
    public function schoolCalled(string $key): ?School
    {
        return $this->fields->beside(null, fn (): School => SchoolCatalogue::school($key, $this));
    }

    public function columns(): int
    {
        return $this->json->columns;
    }

    public function rows(): int
    {
        return $this->json->rows;
    }

    public function cell(): Length
    {
        return $this->fields->length($this->json->cell);
    }

    public function isOnPrint(): bool
    {
        return $this->json->on === 'print';
    }

    public function remainder(): Remainder
    {
        return Remainder::from($this->json->remainder);
    }

    public function folds(): array
    {
        return [$this->json->fold_columns, $this->json->fold_rows];
    }

    public function origin(): array
    {
        return [Rational::of($this->json->x), Rational::of($this->json->y)];
    }

    public function tick(): Length
    {
        return $this->fields->length($this->json->tick);
    }

    public function mainLines(): array
    {
        return [self::rationals($this->json->main_across), self::rationals($this->json->main_down)];
    }

    public function ownLines(): array
    {
        return [$this->lengths($this->json->own_across), $this->lengths($this->json->own_down)];
    }

    /** Axes laid over a grid of another school; null without. */
    public function axes(): ?AxesWithTicks
    {
        $axes = $this->json->school === 'axes' || ! in_array(Overlay::Axes->value, $this->json->overlays, true) ? null : $this->schoolCalled('axes');

        return $axes instanceof AxesWithTicks ? $axes : null;
    }

    public function part(): ?Part
    {
        return $this->json->part === null ? null : Part::of(...array_map(Rational::of(...), (array) $this->json->part));
    }

    /** @return list<Division> */
    public function divisions(): array
    {
        return array_map(static fn (DivisionChoice $cell): Division => new Division($cell->column, $cell->row, $cell->parts, Hairlines::from($cell->hairlines)), $this->json->divided);
    }

    /**
     * @param  list<string>  $shares
     * @return list<Rational>
     */
    private static function rationals(array $shares): array
    {
        return array_map(Rational::of(...), $shares);
    }

    /** @return list<string> */
    private function shares(string $field): array
    {
        return array_values(array_filter(array_map(fn (int $i): ?string => $this->fields->place("{$field}.{$i}"), $this->fields->entries($field, Cells::MOST)), static fn (?string $share): bool => $share !== null));
    }

    /** Lengths with commas or semicolons between them, `1 in, 2 1/2 in`, each in its canonical spelling. A comma between digits is a decimal one. */
    private function lengthsWritten(string $field): string
    {
        $parts = array_filter(array_map(trim(...), preg_split('/;|,(?!\d)/', $this->fields->words($field, 900)) ?: []), static fn (string $part): bool => $part !== '');

        return implode(', ', array_map(fn (string $part): string => $this->fields->canonical($field, $part), $parts));
    }

    /** @return list<Length> */
    private function lengths(string $written): array
    {
        return $written === '' ? [] : array_map($this->fields->length(...), explode(', ', $written));
    }
}
