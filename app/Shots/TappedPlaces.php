<?php

declare(strict_types=1);

namespace App\Shots;

use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Compare\CornersUnusable;
use InchLadder\Compare\Wanted;
use InchLadder\Plan\Comparison;
use InchLadder\Plan\Plan;

/** Places in pairs, as a file or a command line gives them: on the photo, and on the shot. */
final readonly class TappedPlaces
{
    private const MOST = 400;

    /** @param  list<array{name: string, crop: array{float, float}, shot: array{float, float}}>  $all */
    private function __construct(private array $all)
    {
    }

    /**
     * @return list<array{float, float}>
     *
     * @throws CornersUnusable
     */
    public static function corners(string $typed): array
    {
        $number = '-?[0-9]{1,6}(?:\.[0-9]+)?';
        preg_match("/^\s*{$number}\s*,\s*{$number}(?:[\s;]+{$number}\s*,\s*{$number}){0,9}\s*$/D", $typed) === 1 || throw CornersUnusable::unreadable();
        preg_match_all("/{$number}/", $typed, $found);
        /** @var list<array{string, string}> $pairs */
        $pairs = array_chunk($found[0], 2);
        count($pairs) >= 4 || throw CornersUnusable::tooFew();
        count($pairs) === 4 || throw CornersUnusable::unreadable();

        return array_map(static fn (array $pair): array => [(float) $pair[0], (float) $pair[1]], $pairs);
    }

    /** @throws ValidationException */
    public static function file(string $path): self
    {
        $read = is_file($path) && filesize($path) < 1_000_000 ? json_decode((string) file_get_contents($path), true) : throw ValidationException::withMessages(['points' => Say::it('comparing.no file', ['file' => basename($path)])]);
        is_array($read) && array_is_list($read) && $read !== [] && count($read) <= self::MOST || self::refuse();
        $pair = static fn (mixed $one): bool => is_array($one) && array_is_list($one) && count($one) === 2 && (is_int($one[0]) || is_float($one[0])) && (is_int($one[1]) || is_float($one[1])) && abs($one[0]) < 1e6 && abs($one[1]) < 1e6;
        $names = [];
        foreach ($read as $one) {
            is_array($one) && is_string($one['name'] ?? null) && trim($one['name']) !== '' && $pair($one['crop'] ?? null) && $pair($one['shot'] ?? null) && ! isset($names[$one['name']]) || self::refuse();
            $names[$one['name']] = true;
        }

        return new self(array_map(static fn (array $one): array => ['name' => $one['name'], 'crop' => [(float) $one['crop'][0], (float) $one['crop'][1]], 'shot' => [(float) $one['shot'][0], (float) $one['shot'][1]]], $read));
    }

    /** @return array<string, array{float, float}> where they are on the shot, by name */
    public function tapped(): array
    {
        return array_column($this->all, 'shot', 'name');
    }

    /** What is looked for: the places given, and the drawing's own that have none among them. */
    public function comparison(Plan $plan): Comparison
    {
        $things = $plan->things()->all;
        $given = array_map(static fn (array $one): Wanted => Comparison::wanted($plan, $things, $one['name'], $one['name'], null, ...$one['crop']), $this->all);

        return Comparison::with($plan, $given);
    }

    private static function refuse(): never
    {
        throw ValidationException::withMessages(['points' => Say::it('comparing.points unreadable')]);
    }
}
