<?php

declare(strict_types=1);

namespace InchLadder\Compare;

use InchLadder\Layout\Layout;

/** One thing to mend: what moved together, or a single place. Things that were drawn in other cells, all by as many, are one. */
final readonly class Finding
{
    /**
     * @param  list<Group>  $groups  that moved together; none for a single place
     * @param  non-empty-list<Judged>  $places  that it is about
     * @param  array{int, int}|null  $cells  columns to the right and rows down by which it is off; null where it is not off by whole ones
     */
    private function __construct(public array $groups, public array $places, public ?array $cells)
    {
    }

    /**
     * What is to be mended, in its order: what was put in the wrong cells, then what moved together, then places; of those, the
     * ones in a wrong cell before the rest.
     *
     * @param  list<Judged>  $counting  places that count, the farthest out first
     * @param  list<Group>  $groups  that which explains most first
     * @return list<self>
     */
    public static function among(array $counting, array $groups, Layout $layout): array
    {
        $found = [];
        $told = [];
        foreach ($groups as $group) {
            $places = self::in($group, $counting);
            if ($places === []) {
                continue;
            }
            $told = [...$told, ...$group->points];
            $cells = self::cells($layout, ...$group->moved());
            $alike = $cells === null ? [] : array_filter($found, static fn (self $one): bool => $one->cells === $cells);
            $with = array_key_first($alike);
            if ($with === null) {
                $found[] = new self([$group], $places, $cells);
            } else {
                $found[$with] = new self([...$found[$with]->groups, $group], [...$found[$with]->places, ...$places], $cells);
            }
        }
        foreach ($counting as $one) {
            if (! $one->within && ! in_array($one->measured->name, $told, true)) {
                $found[] = new self([], [$one], self::cells($layout, ...$one->rest));
            }
        }
        $rank = static fn (self $one): array => [
            $one->cells === null ? 1 : 0,
            $one->groups === [] ? 1 : 0,
            $one->places[0]->isInWrongCell() || $one->groups !== [] ? 0 : 1,
        ];
        // As it was where two rank alike: sorting is stable.
        usort($found, static fn (self $a, self $b): int => $rank($a) <=> $rank($b));

        return $found;
    }

    /** What it is called: its things, or its places. */
    public function name(): string
    {
        return implode(', ', $this->names());
    }

    /**
     * Its things, or its places. Of what was put in other cells each place goes by the thing it belongs to, whichever of them
     * moved together.
     *
     * @return non-empty-list<string>
     */
    public function names(): array
    {
        $names = [];
        foreach ($this->groups as $group) {
            $names = [...$names, ...$group->thing === null ? $this->ofPlaces($group) : [$group->thing]];
        }

        return $names === [] ? [$this->places[0]->measured->name] : array_values(array_unique($names));
    }

    /** @return list<string> the names its places go by */
    private function ofPlaces(Group $group): array
    {
        $name = fn (Judged $one): string => ($this->cells === null ? null : $one->measured->things[0] ?? null) ?? $one->measured->name;

        return array_map($name, self::in($group, $this->places));
    }

    /**
     * @param  list<Judged>  $places
     * @return list<Judged> those of a group
     */
    private static function in(Group $group, array $places): array
    {
        return array_values(array_filter($places, static fn (Judged $one): bool => in_array($one->measured->name, $group->points, true)));
    }

    /**
     * @param  float  $right  mm
     * @return array{int, int}|null
     */
    private static function cells(Layout $layout, float $right, float $down): ?array
    {
        if (! $layout->grid->across->isRegular() || ! $layout->grid->down->isRegular()) {
            return null;
        }
        $cell = $layout->cell();
        [$columns, $rows] = [$right / $cell->width->toFloat(), $down / $cell->height->toFloat()];
        $cells = [(int) round($columns), (int) round($rows)];
        $beside = max(abs($columns - $cells[0]), abs($rows - $cells[1]));

        return $cells === [0, 0] || $beside > Figures::WHOLE_CELLS ? null : $cells;
    }
}
