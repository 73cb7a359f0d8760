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

    /**
     * What is common under a medium: all at once, after the contour, since graphite holds down what it lies over and a
     * cell's sides are its neighbours' too; where something goes over the pencil, before that (common practice).
     */
    public static function under(Medium $medium): self
    {
        return $medium->goesOver() ? self::BeforeMedium : self::BeforeTone;
    }

    /** @return list<self> the ways there are: nothing goes over graphite alone */
    public static function ways(Medium $medium): array
    {
        return array_values(array_filter(self::cases(), static fn (self $way): bool => $way !== self::BeforeMedium || $medium->goesOver()));
    }
}
