<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\ShapeChoice;
use App\Wording\Say;
use InchLadder\Layout\Places;
use InchLadder\Things\FittedShape;
use InchLadder\Things\ShapeKind;

/** Reads the shapes laid over the picture. */
final readonly class ShapesPart
{
    /** @var list<ShapeChoice> */
    public array $json;

    /** @var list<FittedShape> */
    public array $shapes;

    public function __construct(Fields $fields)
    {
        [$json, $shapes] = [[], []];
        foreach ($fields->entries('shapes', FittedShape::MOST) as $i) {
            $kind = $fields->one("shapes.{$i}.kind", ShapeKind::class);
            $name = $fields->words("shapes.{$i}.name", 40) ?: Say::it("choices.shape.{$kind->value}", ['n' => $i + 1]);
            $text = $fields->at("shapes.{$i}.places");
            $places = Places::read(is_string($text) ? $text : '?', 3) ?? [];
            if (count($places) !== 3) {
                $fields->wrong('shapes', Say::it('choices.shape.unreadable', ['name' => $name]));

                continue;
            }
            $shape = $fields->beside('shapes', static fn (): FittedShape => new FittedShape($name, $kind, ...$places));
            if ($shape !== null) {
                $shapes[] = $shape;
                $json[] = new ShapeChoice($name, $kind->value, Places::write($places));
            }
        }
        [$this->json, $this->shapes] = [$json, $shapes];
    }
}
