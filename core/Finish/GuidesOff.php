<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** When the guides come off: one choice, that every rung goes by. */
enum GuidesOff: string
{
    /** Each cell's own, before it is shaded. */
    case InPart = 'in part';
    /** All of them, before the first tone. */
    case BeforeTone = 'before tone';
    /** Before what goes over the pencil. */
    case BeforeMedium = 'before medium';
    case AtTheEnd = 'at the end';
    case Never = 'never';

    /** What is common under a medium: graphite is lifted cell by cell, since it holds down what it lies over; everything else must find them gone (common practice). */
    public static function under(Medium $medium): self
    {
        return $medium->goesOver() ? self::BeforeMedium : self::InPart;
    }

    /** @return list<self> the ways there are: nothing goes over graphite alone */
    public static function ways(Medium $medium): array
    {
        return array_values(array_filter(self::cases(), static fn (self $way): bool => $way !== self::BeforeMedium || $medium->goesOver()));
    }
}
