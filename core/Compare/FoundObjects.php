<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** How the whole drawing came out by all its lines together, and each named object by its own; in mm of the sheet as it is looked at. */
final readonly class FoundObjects
{
    /**
     * @param  Motion|null  $whole  null where it is not sure
     * @param  Motion  $near  how the whole is thought to lie, sure or not
     * @param  array<string, FoundObject>  $objects  by their name, those whose lines are enough to go by
     */
    public function __construct(public ?Motion $whole, public Motion $near, public array $objects)
    {
    }

    public static function none(): self
    {
        return new self(null, Motion::none(), []);
    }
}
