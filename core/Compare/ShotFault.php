<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** What keeps a shot from being judged well; said before anything is judged. */
enum ShotFault: string
{
    case CutOff = 'cut off';
    case TooSmall = 'too small';
    case TooDark = 'too dark';
    case Glare = 'glare';
    case Blurred = 'blurred';
    case TooFaint = 'too faint';
    /** The lines on the sheet are not those of this photo. */
    case Another = 'another';
    /** The ruled grid lies off where it should. */
    case GridOff = 'grid off';
}
