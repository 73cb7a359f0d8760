<?php

declare(strict_types=1);

namespace App\Documents;

use InchLadder\Copying\Side;

/**
 * What is known by a name goes by the new one when a key point, a thing or a length is renamed: where a shot has it, what was
 * meant with it, and what was ticked of how it stands to others. What the new choices call otherwise stays as they call it.
 */
final class Renamed
{
    /** Between the two of a relation (see Relation::key). */
    private const OTHER = ' | ';

    /**
     * @param  array<array-key, mixed>  $was  a document of any format, or a damaged one
     * @param  array<array-key, mixed>  $now
     * @return array<array-key, mixed> `$now`, with what follows
     */
    public static function follow(array $was, array $now): array
    {
        [$points, $things, $all] = [self::names($was, $now, ['points']), self::names($was, $now, ['things']), self::names($was, $now, ['points', 'things', 'spans'])];
        $stays = static fn (string $list): bool => ($was[$list] ?? null) == $now[$list];
        $called = static fn (array $one): array => [...$one, 'name' => $points[$one['name']] ?? self::outermost($one['name'], $things)];
        if ($stays('shots')) {
            $now['shots'] = array_map(static fn (array $shot): array => [...$shot, 'readings' => array_map($called, $shot['readings'])], $now['shots']);
        }
        if ($stays('meant')) {
            $now['meant'] = array_map($called, $now['meant']);
        }
        if ($stays('related')) {
            $now['related'] = array_map(static fn (string $key): string => self::related($key, $all), $now['related']);
        }

        return $now;
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $now
     * @param  list<string>  $lists
     * @return array<string|int, string> new names by the old ones: of what is otherwise as it was, where no two are of one name
     */
    private static function names(array $was, array $now, array $lists): array
    {
        $counts = static fn (array $document): array => array_count_values(array_filter(array_merge(...array_map(static fn (string $list): array => is_array($document[$list] ?? null) ? array_column($document[$list], 'name') : [], $lists)), is_string(...)));
        [$before, $after] = [$counts($was), $counts($now)];
        $names = [];
        foreach ($lists as $list) {
            foreach ($now[$list] as $i => $entry) {
                [$old, $new] = [$was[$list][$i]['name'] ?? null, $entry['name']];
                if (is_string($old) && $before[$old] === 1 && ! isset($after[$old]) && ! isset($before[$new]) && $after[$new] === 1 && [...$was[$list][$i], 'name' => $new] == $entry) {
                    $names[$old] = $new;
                }
            }
        }

        return $names;
    }

    /**
     * @param  string  $place  the outermost place of a thing, `jug, top`, or any other
     * @param  array<string|int, string>  $names
     */
    private static function outermost(string $place, array $names): string
    {
        $sides = implode('|', array_column(Side::cases(), 'value'));
        preg_match("~^(.*)(, (?:{$sides})(?: \\d+)?)$~su", $place, $found);

        return isset($found[1], $names[$found[1]]) ? $names[$found[1]].$found[2] : $place;
    }

    /** @param  array<string|int, string>  $names */
    private static function related(string $key, array $names): string
    {
        // Names may have what stands between two of them in themselves.
        for ($at = strpos($key, self::OTHER); $at !== false; $at = strpos($key, self::OTHER, $at + 1)) {
            [$one, $other] = [substr($key, 0, $at), substr($key, $at + strlen(self::OTHER))];
            if (isset($names[$one]) || isset($names[$other])) {
                return ($names[$one] ?? $one).self::OTHER.($names[$other] ?? $other);
            }
        }

        return $key;
    }
}
