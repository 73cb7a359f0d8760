<?php

declare(strict_types=1);

namespace InchLadder\Compare;

/** What kind of motion explains how a drawing came out. */
enum Model: string
{
    case Same = 'same';
    case Similarity = 'similarity';
    case Affine = 'affine';
}
