<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/** What a pencil leaves on the paper. */
enum Kind: string
{
    /** Greys: nothing but how dark. */
    case Graphite = 'graphite';
    /** Thin layers that light goes through: wax and oil pencils, watercolour pencils. */
    case Thin = 'coloured pencil';
    /** Body colour, which covers: pastel, chalk, charcoal. */
    case Body = 'pastel';
}
