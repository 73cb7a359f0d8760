<?php

declare(strict_types=1);

namespace InchLadder\Paper;

/** What is seen to before a sheet is marked. The values stay: ticks are kept under them. */
enum SetUp: string
{
    /** Taken from the stock of one's own: one sheet less is left there. */
    case Taken = 'taken';
    case Face = 'face';
    case Square = 'square';
    case Corners = 'corners';
    case Board = 'board';
    case Hard = 'hard';
    case Unmoved = 'unmoved';

    /**
     * @param  bool  $fromStock  whether the sheet is one of a stock that is counted
     * @return list<self>
     */
    public static function for(bool $fromStock): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one !== self::Taken || $fromStock));
    }
}
