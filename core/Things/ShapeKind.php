<?php

declare(strict_types=1);

namespace InchLadder\Things;

/** A shape that is seen in a picture. */
enum ShapeKind: string
{
    case Oval = 'oval';
    case Box = 'box';
    case Triangle = 'triangle';
}
