<?php

declare(strict_types=1);

namespace InchLadder\Masses;

/** The numbers by which masses are found, each with its reason. */
final class Figures
{
    /** Samples along the crop's longer side: an outline is right to a third of a per cent of it, less than is left when it is straightened (ours). */
    public const SIDE = 288;

    /** How many levels a channel has, in units of L* (see Regions): the scale of the picture the bound was made for, 256, put on L* (ours). */
    public const LEVELS = 100.0;

    /** How readily unlike places are parted: the finest published, Q = 256, as what is joined next is chosen by another rule (Nock and Nielsen, 2004, 4; from memory). */
    public const COMPLEXITY = 256.0;

    /** A part smaller than this share of the crop is no mass: a coin on a sheet (ours). */
    public const LEAST = 0.002;

    /** Nor is one thinner than so many samples on the mean: it is what an edge is blurred over (ours). */
    public const THINNEST = 2.0;

    /** An outline follows no stair of the samples: so many of them to the side at least (ours). */
    public const STAIR = 0.9;

    /** To how much of the crop's longer side outlines are straightened, by step of the slider: from as it runs to a child's block house (ours). */
    public const STRAIGHT = [0.0, 0.006, 0.012, 0.02, 0.032, 0.05];

    /** An inner line is a locator only so far off every outline, of the longer side; nearer it would double it (ours). */
    public const CLEAR = 0.02;

    /** And so long, of the longer side: shorter ones are detail (ours). */
    public const LOCATES = 0.06;
}
