<?php

/* What a drawing could be instead, and what stands against it. */
return [
    'stretch' => ['not' => 'in proportion', 'harmless' => 'harmless', 'slight' => 'slight', 'visible' => 'visible'],
    'proportion' => ['kept' => 'in proportion', 'stretched' => ':percent %, :verdict'],
    'cost' => ['none' => 'nothing cropped', 'cropped' => ':percent cropped', 'stretched' => 'distorts :percent %'],
    'unreadable' => 'Its measures cannot be read.',
    'dividers' => [
        'screen' => 'Dividers carry lengths off a print. This drawing works from a screen.',
        'larger' => 'the short end on the photo, the long end on the paper',
        'smaller' => 'the long end on the photo, the short end on the paper',
        'same' => 'either end on either',
    ],
    'enlargement' => [
        'screen' => 'On a screen the photo has no size to enlarge. Say that it is a print, or give the size of the drawing.',
        'size' => 'A size has two sides that are over 0, like 25 x 20 cm.',
        'true' => ':picture becomes :wanted: both sides ×:factor, a true enlargement.',
        'added' => ':by added to both sides is no enlargement.',
        'taken off' => ':by taken off both sides is no enlargement.',
        'stretched' => ':picture has the shape :shape. :wanted has :other: stretched :percent %, :verdict.',
        'in proportion' => 'In proportion it is :width × :true_height, or :true_width × :height.',
    ],
    'ruled' => [
        'same' => 'The ruled lines are this grid’s lines.',
        'parts across' => 'Across: :ruled parts are ruled, this grid has :parts.',
        'parts down' => 'Down: :ruled parts are ruled, this grid has :parts.',
        'cut short' => 'A part that is cut short counts too.',
        'line across' => 'Line :line across is :off from the nearest line of this grid.',
        'line down' => 'Line :line down is :off from the nearest line of this grid.',
    ],
];
