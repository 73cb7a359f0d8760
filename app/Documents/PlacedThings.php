<?php

declare(strict_types=1);

namespace App\Documents;

use App\Wording\Say;
use InchLadder\Grid\Edge;
use InchLadder\Grid\Part;
use InchLadder\Layout\Affine;
use InchLadder\Layout\PictureMap;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;

/**
 * What was placed on the picture stays on it: when the picture is turned, mirrored, straightened, cropped
 * or its border left off, and when the grid changes, everything goes through the one map (PictureMap).
 *
 * Something the new choices already put elsewhere stays where they put it.
 */
final class PlacedThings
{
    private const HELD = ['kind', 'width', 'height', 'quarters', 'mirrored', 'straighten', 'keep', 'border', 'part'];

    /** @var list<string> */
    private array $said = [];

    /** @var array<array-key, mixed> */
    private array $was;

    private Plan $from;

    private PictureMap $map;

    /** @param  array<array-key, mixed>  $now  the document as it is to be */
    private function __construct(private readonly ChoicesReader $before, private array $now, private readonly ?int $wide, private readonly ?int $high)
    {
        $this->was = $before->document();
    }

    /**
     * @param  ChoicesReader  $after  the choices as they are to be
     * @param  int|null  $wide  pixels of the file
     *
     * @throws \Illuminate\Validation\ValidationException
     * @throws \InchLadder\Impossible
     */
    public static function follow(ChoicesReader $before, ChoicesReader $after, ?int $wide, ?int $high): Followed
    {
        $now = $after->document();

        return self::standStill($before->document(), $now) ? new Followed($after) : (new self($before, $now, $wide, $high))->followed();
    }

    /**
     * Whether nothing is placed that a change could leave behind; told from the documents, without reading the one before.
     *
     * @param  array<array-key, mixed>  $was  a document of any format, or a damaged one
     * @param  array<array-key, mixed>  $now
     */
    public static function standStill(array $was, array $now): bool
    {
        $grid = $was['grid'] ?? null;
        if (($was['format'] ?? null) !== ChoicesReader::FORMAT || ! is_array($was['photo'] ?? null) || ! is_array($grid) || self::held($was['photo']) != self::held($now['photo'])) {
            return false;
        }
        if (($was['fit'] ?? null) == $now['fit'] && ($was['paper'] ?? null) == $now['paper'] && $grid == $now['grid']) {
            return true;
        }

        return [$grid['part'] ?? null, $grid['divided'] ?? [], $grid['main_across'] ?? [], $grid['main_down'] ?? [], $grid['x'] ?? null, $grid['y'] ?? null] === [null, [], [], [], '1/2', '1/2'];
    }

    /**
     * @param  array<array-key, mixed>  $photo
     * @return array<array-key, mixed> how the picture is held
     */
    private static function held(array $photo): array
    {
        return array_intersect_key($photo, array_flip(self::HELD));
    }

    private function followed(): Followed
    {
        $this->from = Plan::of($this->before->choices);
        $this->map = $this->from->layout->map();
        $to = Plan::of($this->read()->choices);
        $held = $this->map->pictureTo($to->layout->map());
        if (! $held->isSame(Affine::identity())) {
            $this->followPicture($held, $to);
            $to = Plan::of($this->read()->choices);
        }
        $this->followCrop($this->map->cropTo($to->layout->map()), $held, $to);

        return new Followed($this->read(), implode(' ', $this->said));
    }

    /** What lies on the picture: points, regions, lengths, the crop and the crops that are kept. */
    private function followPicture(Affine $held, Plan $to): void
    {
        $ratio = $to->layout->reference->ratio();
        $this->each('points', static fn (array $point): array => self::at($held, $point, 'x', 'y'));
        $this->each('spans', static fn (array $span): array => self::at($held, self::at($held, $span, 'x1', 'y1'), 'x2', 'y2'));
        $this->each('strokes', static fn (array $stroke): array => self::at($held, self::at($held, $stroke, 'x1', 'y1'), 'x2', 'y2'));
        $this->each('regions', static fn (array $region): array => self::box($held, $region, $ratio));
        $this->now['fit'] = $this->fit($held, $this->was['fit'], $this->now['fit']);
        $this->each('crops', fn (array $crop): array => [...$crop, 'fit' => $this->fit($held, $crop['fit'], $crop['fit'])]);
        if (($this->was['photo']['light'] ?? null) !== null && $this->now['photo']['light'] == $this->was['photo']['light']) {
            $this->now['photo']['light'] = self::at($held, self::at($held, $this->was['photo']['light'], 'x1', 'y1'), 'x2', 'y2');
        }
        if ($held->swapsSides()) {
            $this->swapCounts();
        }
    }

    /**
     * A fit whose crop shows the same part of the picture, as far as its shape lets it.
     *
     * @param  array<string, mixed>  $was
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    private function fit(Affine $held, array $was, array $now): array
    {
        foreach (['way', 'lock', 'left', 'top', 'size', 'width', 'height'] as $field) {
            if ($was[$field] !== $now[$field]) {
                return $now;
            }
        }
        $free = $was['way'] === 'crop' && $was['lock'] === 'free';
        if (! $free && $was['left'] === null && $was['top'] === null) {
            return $now;
        }
        $from = Plan::of($was === $this->was['fit'] ? $this->before->choices : ChoicesReader::read([...$this->was, 'fit' => $was], $this->wide, $this->high)->choices);
        $to = Plan::of($this->read(['fit' => $now])->choices);
        [$crop, $ratio] = [$from->layout->fitted->crop, $to->layout->reference->ratio()];
        // As it was chosen, also where it hangs over the picture's edge and is brought inside.
        $chosen = static fn (string $field, Rational $else): Rational => $was[$field] === null ? $else : Rational::of($was[$field]);
        [$wide, $high] = $free ? [$chosen('width', $crop->width), $chosen('height', $crop->height)] : [$crop->width, $crop->height];
        [$left, $top, $width, $height] = $held->carry($chosen('left', $crop->left), $chosen('top', $crop->top), $wide, $high, $ratio);
        if ($free) {
            return [...$now, 'left' => self::share($left), 'top' => self::share($top), 'width' => self::share($width), 'height' => self::share($height)];
        }
        if ($now['size'] !== '1' && ! $held->swapsSides()) {
            // As large on the picture as it was, where what is left of the picture has room for it.
            $grown = sqrt($width->times($height)->dividedBy($to->layout->fitted->crop->width->times($to->layout->fitted->crop->height))->toFloat());
            $now['size'] = abs($grown - 1) < 1e-6 ? $now['size'] : self::share(Rational::near(min(1, $grown * Rational::of($now['size'])->toFloat())));
            $to = Plan::of($this->read(['fit' => $now])->choices);
        }
        $middle = static fn (Rational $start, Rational $length, Rational $own): string => self::share($start->plus($length->minus($own)->times(Rational::nd(1, 2))));

        return [...$now, 'left' => $middle($left, $width, $to->layout->fitted->crop->width), 'top' => $middle($top, $height, $to->layout->fitted->crop->height)];
    }

    /** Counts across are counts down after a quarter turn. */
    private function swapCounts(): void
    {
        $cells = $this->from->layout->grid->cells();
        $whole = ! $this->from->layout->grid->across->hasPartial() && ! $this->from->layout->grid->down->hasPartial();
        foreach ([['grid', 'columns', 'rows'], ['grid', 'fold_columns', 'fold_rows'], ['fit', 'columns', 'rows']] as [$part, $across, $down]) {
            if ($this->was[$part][$across] === $this->now[$part][$across] && $this->was[$part][$down] === $this->now[$part][$down]) {
                [$this->now[$part][$across], $this->now[$part][$down]] = [$this->was[$part][$down], $this->was[$part][$across]];
            }
        }
        if ($this->was['grid']['school'] === 'count' && $this->now['grid']['school'] === 'count') {
            // Squares are counted across alone: as many as stood above one another, if none of them was cut short.
            [$this->now['grid']['columns'], $this->now['grid']['rows']] = [$whole ? $cells->rows : $this->was['grid']['columns'], $this->was['grid']['rows']];
        }
    }

    /** What lies in the crop: a part under a grid of its own, axes, main and own lines, cells cut finer. */
    private function followCrop(Affine $crop, Affine $held, Plan $to): void
    {
        $this->ownLines($held, $to);
        if (! $crop->isSame(Affine::identity())) {
            $this->part($crop, $to);
            $this->axes($crop);
            $this->mainLines($crop);
        }
        $this->dividedCells($to);
    }

    private function part(Affine $crop, Plan $to): void
    {
        $part = $this->was['grid']['part'];
        if ($part === null || $this->now['grid']['part'] !== $part) {
            return;
        }
        $this->now['grid']['part'] = self::box($crop, $part, $to->layout->fitted->crop->shapeOn($to->layout->reference));
        if (! Part::touches(...array_map(Rational::of(...), array_values($this->now['grid']['part'])))) {
            $this->said[] = Say::it('placed.part');
        }
    }

    private function axes(Affine $crop): void
    {
        [$was, $now] = [$this->was['grid'], $this->now['grid']];
        // Those nobody has moved stay in the middle.
        if ([$was['x'], $was['y']] !== ['1/2', '1/2'] && [$was['x'], $was['y']] === [$now['x'], $now['y']]) {
            $this->now['grid'] = self::at($crop, $now, 'x', 'y');
        }
    }

    private function mainLines(Affine $crop): void
    {
        [$was, $now] = [$this->was['grid'], $this->now['grid']];
        if ([$was['main_across'], $was['main_down']] !== [$now['main_across'], $now['main_down']]) {
            return;
        }
        $half = Rational::nd(1, 2);
        $swaps = $crop->swapsSides();
        $across = array_map(static fn (string $x): string => self::share($crop->apply(Rational::of($x), $half)[$swaps ? 1 : 0]), $was['main_across']);
        $down = array_map(static fn (string $y): string => self::share($crop->apply($half, Rational::of($y))[$swaps ? 0 : 1]), $was['main_down']);
        [$this->now['grid']['main_across'], $this->now['grid']['main_down']] = $swaps ? [$down, $across] : [$across, $down];
    }

    /** Lines measured from the drawing area's edges: they turn and mirror with the picture, and keep their measures when only the crop moves. */
    private function ownLines(Affine $held, Plan $to): void
    {
        [$was, $now] = [$this->was['grid'], $this->now['grid']];
        $swaps = $held->swapsSides();
        [$across, $down] = $swaps ? [$held->b, $held->d] : [$held->a, $held->e];
        if ([$was['own_across'], $was['own_down']] !== [$now['own_across'], $now['own_down']] || (! $swaps && $across->isPositive() && $down->isPositive())) {
            return;
        }
        $turned = fn (string $lines, Length $side, Length $new, bool $flipped): string => implode(', ', array_map(function (string $line) use ($side, $new, $flipped): string {
            $share = (new LengthReader($this->before->choices->notation->unit))->read($line)->over($side);

            return $this->before->choices->notation->exactly($new->times($flipped ? Rational::one()->minus($share) : $share));
        }, $lines === '' ? [] : explode(', ', $lines)));
        [$old, $new] = [$this->from->layout->fitted->area, $to->layout->fitted->area];
        $this->now['grid']['own_across'] = $turned($swaps ? $was['own_down'] : $was['own_across'], $swaps ? $old->height : $old->width, $new->width, $across->isNegative());
        $this->now['grid']['own_down'] = $turned($swaps ? $was['own_across'] : $was['own_down'], $swaps ? $old->width : $old->height, $new->height, $down->isNegative());
    }

    /** A cell cut finer is the cell its middle lies in. */
    private function dividedCells(Plan $to): void
    {
        if ($this->was['grid']['divided'] === [] || $this->was['grid']['divided'] !== $this->now['grid']['divided']) {
            return;
        }
        $to = Plan::of($this->read()->choices);
        $crop = $this->map->cropTo($to->layout->map());
        $kept = $lost = [];
        foreach ($this->was['grid']['divided'] as $cell) {
            [$across, $down] = [$this->from->layout->grid->across, $this->from->layout->grid->down];
            if ($cell['column'] >= $across->parts() || $cell['row'] >= $down->parts()) {
                $kept[] = $cell;

                continue;
            }
            [$x, $y] = array_map(static fn (Rational $share): float => $share->toFloat(), $crop->apply(self::middle($across, $cell['column']), self::middle($down, $cell['row'])));
            if ($x < $to->layout->grid->columns[0]->toFloat() || $y < $to->layout->grid->rows[0]->toFloat() || $x > $to->layout->grid->columns[$to->layout->grid->across->parts()]->toFloat() || $y > $to->layout->grid->rows[$to->layout->grid->down->parts()]->toFloat()) {
                $lost[] = $this->from->layout->addresses->of($cell['column'], $cell['row']);

                continue;
            }
            [$column, $row] = $to->layout->grid->cellAt($x, $y);
            $kept["{$column} {$row}"] ??= [...$cell, 'column' => $column, 'row' => $row];
        }
        $this->now['grid']['divided'] = array_values($kept);
        if ($lost !== []) {
            $this->said[] = Say::counted('placed.divided', count($lost), ['cells' => implode(', ', $lost)]);
        }
    }

    /**
     * Carries over each entry of a list that the new choices have left as it was.
     *
     * @param  \Closure(array<string, mixed>): array<string, mixed>  $carry
     */
    private function each(string $list, \Closure $carry): void
    {
        foreach ($this->was[$list] as $i => $entry) {
            if (($this->now[$list][$i] ?? null) === $entry) {
                $this->now[$list][$i] = $carry($entry);
            }
        }
    }

    /** @param  array<string, mixed>  $changed */
    private function read(array $changed = []): ChoicesReader
    {
        return ChoicesReader::read([...$this->now, ...$changed], $this->wide, $this->high);
    }

    /**
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    private static function at(Affine $map, array $thing, string $x, string $y): array
    {
        [$thing[$x], $thing[$y]] = array_map(self::share(...), $map->apply(Rational::of($thing[$x]), Rational::of($thing[$y])));

        return $thing;
    }

    /**
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    private static function box(Affine $map, array $thing, Rational $ratio): array
    {
        $sides = ['left', 'top', 'width', 'height'];
        $carried = $map->carry(...[...array_map(static fn (string $side): Rational => Rational::of($thing[$side]), $sides), $ratio]);

        return [...$thing, ...array_combine($sides, array_map(self::share(...), $carried))];
    }

    private static function middle(Edge $edge, int $part): Rational
    {
        return $edge->fractions[$part]->plus($edge->span($part)->dividedBy(2));
    }

    /** As a document writes it: exact where that is short, else to a millionth. */
    private static function share(Rational $share): string
    {
        $exact = (string) $share;

        return preg_match('~^-?\d{1,6}(/\d{1,6})?$~', $exact) === 1 ? $exact : rtrim(rtrim($share->toScale(6), '0'), '.');
    }
}
