<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\LayerChoice;
use App\Documents\Choices\ThingChoice;
use App\Wording\Say;
use InchLadder\Colour\Layer;
use InchLadder\Colour\Layers;
use InchLadder\Copying\Pass;
use InchLadder\Layout\Places;
use InchLadder\Things\State;
use InchLadder\Things\Thing;

/** Reads the named things on the picture. Two of one name are told apart by a number. */
final readonly class ThingsPart
{
    /** @var list<ThingChoice> */
    public array $json;

    /** @var list<Thing> */
    public array $things;

    public function __construct(Fields $fields)
    {
        [$json, $things, $names] = [[], [], []];
        foreach ($fields->entries('things', Thing::MOST) as $i) {
            $names[] = $name = self::apart($fields->words("things.{$i}.name", 40), $names);
            $text = $fields->at("things.{$i}.outline");
            $outline = Places::read(is_string($text) ? $text : '?', Thing::MOST_POINTS);
            $ticked = array_values(array_filter(Pass::cases(), static fn (Pass $pass): bool => in_array($pass->value, (array) $fields->at("things.{$i}.ticked"), true)));
            if ($outline === null || $outline === []) {
                $fields->wrong('things', Say::it('choices.outline unreadable', ['name' => $name]));

                continue;
            }
            $thing = $fields->beside('things', static fn (): Thing => new Thing($name, $outline, $fields->flag("things.{$i}.boxed"), $fields->flag("things.{$i}.must"), $ticked, $fields->at("things.{$i}.state") === null ? State::Open : $fields->one("things.{$i}.state", State::class)));
            if ($thing !== null) {
                $things[] = $thing;
                $json[] = new ThingChoice($name, Places::write($outline), $thing->boxed, $thing->must, array_column($ticked, 'value'), $thing->state->value, self::layers($fields, "things.{$i}.layers"));
            }
        }
        [$this->json, $this->things] = [$json, $things];
    }

    /** @return list<LayerChoice> */
    private static function layers(Fields $fields, string $field): array
    {
        return array_map(static fn (int $i): LayerChoice => new LayerChoice($fields->one("{$field}.{$i}.how", Layer::class)->value, $fields->words("{$field}.{$i}.with", 40)), $fields->entries($field, Layers::MOST));
    }

    /** @param  list<string>  $taken */
    private static function apart(string $name, array $taken): string
    {
        $numbered = static fn (int $n): string => $name === '' ? Say::it('choices.thing', ['n' => $n]) : mb_strimwidth($name, 0, 36)." {$n}";
        [$own, $n] = $name === '' ? [$numbered(count($taken) + 1), count($taken) + 1] : [$name, 1];
        while (in_array($own, $taken, true)) {
            $own = $numbered(++$n);
        }

        return $own;
    }
}
