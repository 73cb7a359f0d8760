<?php

/* Where key points lie: from the gridlines, from the thirds, from the axes, from their pin. */
return [
    'on thirds' => 'on a crossing of the thirds',
    'off thirds' => ':off the nearest crossing of thirds',
    'aside' => ['left' => ':off left of', 'right' => ':off right of', 'above' => ':off above', 'below' => ':off below'],
    'and' => ' and ',
    'plotted' => ['paper' => ':paper', 'both' => ':paper on the paper, :print on the print'],
    'line' => ['across' => 'line :line across', 'down' => 'line :line down'],
    'on line' => 'on :line',
    'off line' => ['left' => ':off left of :line', 'right' => ':off right of :line', 'above' => ':off above :line', 'below' => ':off below :line'],
    'arcs' => [
        'above' => 'or where two arcs cross, above the line between the two points: :one, and :other',
        'below' => 'or where two arcs cross, below the line between the two points: :one, and :other',
        'left' => 'or where two arcs cross, left of the line between the two points: :one, and :other',
        'right' => 'or where two arcs cross, right of the line between the two points: :one, and :other',
    ],
    'arc' => ['paper' => ':paper from “:from”', 'both' => ':paper from “:from” (:print on the print)'],
    'pinned' => [
        'other' => ':point is held already, and only one can be.',
        'held' => 'Held at :left from the left edge, :top from the top.',
        'misses' => 'It cannot lie :left from the left edge, :top from the top: it stays :off. There the photo ends, and the sheet has no more room. A smaller crop, or a smaller drawing, would let it move.',
        'left' => ':off left of it', 'right' => ':off right of it', 'above' => ':off above it', 'below' => ':off below it',
    ],
];
