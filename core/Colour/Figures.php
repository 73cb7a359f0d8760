<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/** How colours are told and laid. None is published but where a source is named; each says why it is what it is. */
final class Figures
{
    /** How much of what is seen a covering layer makes, over another it is worked into (ours). */
    public const UPPER = 0.7;

    /** By so much, CIEDE2000, two pencils are nearer than one before they are worth the layer (ours): it is about what an eye can just tell. */
    public const WORTH_TWO = 1.0;

    /** Up to so much, CIEDE2000, two colours are taken for one: about what an eye can just tell, 1, and twice that (common practice). */
    public const SAME = 2.0;

    /** … for near (ours) */
    public const NEAR = 6.0;

    /** … for of that family still; what is farther is another colour (ours). */
    public const FAR = 14.0;

    /** C* under which a colour has no hue worth a name (ours). */
    public const GREY = 6.0;

    /** C* from which on it is no longer greyish, no longer muted, and strong (ours). */
    public const MUTED = 16.0;

    public const CLEAR = 34.0;

    public const STRONG = 60.0;

    /** L* from which on it is very light, light, of the middle, dark; under the last very dark (ours): fifths of the scale, the ends narrower. */
    public const LIGHTNESS = [85.0, 65.0, 42.0, 22.0];

    /** Orange and yellow that are darker than this are called brown and olive (ours), as CSS Color 4 has brown, olive, gold and orange. */
    public const BROWN = 60.0;

    /** C* from which on a dark orange is still called orange (ours): an orange pencil, pressed firmly, has C* 75 and L* 55. */
    public const VIVID = 66.0;

    /** L* from which on a grey is called white, and under which it is called black (ours): paper white is 95, soft graphite 20. */
    public const WHITE = 93.0;

    /** As above. */
    public const BLACK = 15.0;

    /** Bluish red that is lighter than this is called pink (ours), as CSS Color 4 likewise. */
    public const PINK = 52.0;

    /** So many times as strong a colour is shown where it is pale: an eye tells hues of C* 20 that it takes for grey at 8 (ours). */
    public const STRONGER = 2.5;

    /** C* at which a mixture of two passes for grey (ours). */
    public const NEUTRAL = 10.0;

    /** By how many degrees two hues may miss each other's opposite to be called complements (ours). */
    public const OPPOSITE = 35.0;
}
