<?php

declare(strict_types=1);

namespace InchLadder\Measure;

/** How slopes are told. None is published; each says why it is what it is. */
final class Figures
{
    /** Degrees: nearer to level or upright than this, a slope is called so; an eye tells about that (ours). */
    public const AS_GOOD_AS_LEVEL = 2.0;
}
