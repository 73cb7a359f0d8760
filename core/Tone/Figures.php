<?php

declare(strict_types=1);

namespace InchLadder\Tone;

/** What pencils reach and what is called clean. Lightness is L*. None is published; each says why it is what it is. */
final class Figures
{
    /** The darkest that a soft pencil lays; from memory. */
    public const DARKEST_PENCIL = 20.0;

    /** The lightest that a white pencil lays on dark paper; from memory. */
    public const LIGHTEST_WHITE = 92.0;

    /** L* between paper and the far end of a bar at least: less than three pencils are told apart by (ours). */
    public const LEAST_RANGE = 20.0;

    /** By so much, L*, a step lies beyond what a pencil reaches before it is said to be out of reach: half of what an eye tells at arm's length (ours). */
    public const OUT_OF_REACH = 2.0;

    /** On a paper darker than this, light is laid on and the paper is the dark end: the middle of the scale (ours). */
    public const DARK_PAPER = 50.0;

    /** Nearer to the threshold than this, a tone is neither light nor shadow (ours). */
    public const NEITHER = 6.0;

    /** With less than this share of the picture between, it parts cleanly (ours). */
    public const CLEAN = 0.08;

    /** With more than this share between, it is muddy (ours). */
    public const MUDDY = 0.25;

    /** By so much, L*, a white is darker than its paper before something is said to lie on it: what a smudge of graphite takes (ours). */
    public const SOILED = 5.0;

    /** Areas smaller than a square of this share of the picture's longer side are left out, for each step of the slider: from a fingertip on a sheet of letter size to a thumb (ours). */
    public const SMALL = [0.0, 0.006, 0.012, 0.02, 0.035];

    /** Samples across which the edge of a thing falls, in a picture made smaller: no strip of it is a tone (ours). */
    public const EDGE = 2.3;

    /** … and those thinner than this share of that square's side (ours). */
    public const THIN = 0.5;

    /** A few glints and a few black holes do not make the range: so much of the picture is left out at either end (ours). */
    public const LEFT_OUT = 0.01;

    /** Share of the photo from which on a step is worth having on the drawing (ours). */
    public const WORTH = 0.03;

    /** Under this share of the drawing a step is as good as missing (ours). */
    public const HARDLY = 0.005;

    /** With more of the drawing than this bare, no tone is laid yet: lines take less (ours). */
    public const BARE = 0.9;

    /** From this coherence on what is in a cell runs one way: of grain that runs every way it is near 0 (ours). */
    public const RUNS = 0.45;

    /** Mm between strokes at least: two lines of a pencil (common practice). */
    public const CLOSEST = 1.2;

    /** Mm between strokes at most: farther apart they are lines of their own, not hatching (common practice). */
    public const WIDEST = 6.0;

    /** Mm between strokes whose way a hand drew (ours). */
    public const BY_HAND = 2.5;

    /** L* a mm of paper: what changes by less, on the whole, is plain to an eye that looks from arm's length (ours). */
    public const PLAIN = 0.4;
}
