<?php

declare(strict_types=1);

namespace InchLadder\Things;

/** How two things of a picture stand to each other. */
enum Related: string
{
    /** The end of a length, or a key point, lies on a line. */
    case Meets = 'meets';

    /** An outline goes behind another, and comes out again. */
    case Behind = 'behind';

    /** Outlines touch, as far as the ruler tells. */
    case Touches = 'touches';

    /** A small gap is left between them. */
    case Gap = 'gap';

    /** One stands over the other, farther off. */
    case Above = 'above';
}
