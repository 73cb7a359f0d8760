<?php

/* The checks before anything is drawn on the marks: is the frame square, and are the ticks where they belong. */
return [
    'expected' => 'Both diagonals should be :diagonal, corner to corner. :step more or less passes on this ruler.',
    'unproved' => 'Not proved, as it was not measured: :sides.',
    'right' => 'What was measured is right, as far as this ruler can tell.',
    'square' => 'Square, as far as this ruler can tell: both diagonals should be :diagonal.',
    'off' => ['long' => ':Side is :error too long.', 'short' => ':Side is :error too short.'],
    'corner' => 'Look first at the :corner mark: it alone explains all of this. The cell in that corner is wrong by :most, and those farther off by less.',
    'centre proves nothing' => 'A halving line that passes through the centre proves nothing: it needs its two mid-edge marks.',
    'leans' => [
        'right' => 'Not square: the sides lean :degrees°, as if the lower edge had slid :slid to the right.',
        'left' => 'Not square: the sides lean :degrees°, as if the lower edge had slid :slid to the left.',
        'first' => 'Look first at the two marks of the lower edge, then at the upper ones. On each cell it shows as :cell from its top to its foot.',
    ],
    'diagonals' => [
        'long' => 'Both diagonals together are :percent % too long: a side is off too, by about :across across or :down down. Measure all four.',
        'short' => 'Both diagonals together are :percent % too short: a side is off too, by about :across across or :down down. Measure all four.',
    ],
    'side' => [
        'falling' => 'the diagonal falling to the right', 'rising' => 'the diagonal rising to the right',
        'top' => 'the top edge', 'bottom' => 'the bottom edge', 'left' => 'the left side', 'right' => 'the right side',
    ],
    'at least two' => 'Measure two ticks at least, from the sheet’s edge, and three to tell a stretch from a slip.',
    'true' => ['all' => 'Every tick is where it belongs.', 'some' => 'The ticks that were measured are where they belong. :others were not.'],
    'towards' => ['across' => 'to the right', 'across back' => 'to the left', 'down' => 'down', 'down back' => 'up'],
    'moved' => [
        'all' => 'All of them lie :by too far :towards. The zero was laid elsewhere, or the ruler was turned end for end. Their spacing is true.',
        'but some' => 'Most of them lie :by too far :towards. The zero was laid elsewhere, or the ruler was turned end for end. The spacing between those is true.',
        'and drift' => 'They begin :by too far :towards: the zero was laid elsewhere, or the ruler was turned end for end.',
    ],
    'stretched' => [
        'apart' => 'They drift :percent % apart, :far at the last line. Steps were laid one from another, or the ruler is another.',
        'together' => 'They drift :percent % together, :far at the last line. Steps were laid one from another, or the ruler is another.',
    ],
    'slipped' => 'Line :line alone has slipped :by :towards. Mark it again.',
    'belongs' => 'Line :line is where it belongs.',
    'lies' => 'Line :line lies :by too far :towards.',
    'undecided' => 'Two readings cannot tell a slip from a stretch: measure a third.',
];
