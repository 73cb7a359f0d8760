<?php

/* A thing and what lies in it, as the parts of a face: what share each takes, where it sits, what is small. */
return [
    'placement' => [
        'right' => 'Placement: every part of “:whole” that was measured is as large as it must be, and sits where it belongs.',
        'out' => 'Placement in “:whole”: :out.',
        'open' => 'Placement in “:whole” is not measured yet: set the ends of its parts by hand.',
    ],
    'expression' => 'Expression',
    'shape' => 'Shape',
    'small' => [
        'right' => ':what holds: the small lengths and shapes keep their proportions.',
        'out' => ':what: :out.',
        'open' => [
            'expression' => 'Expression is not measured yet. Measure short lengths on the photo, like how far an eye is open or how wide a mouth is.',
            'shape' => 'Shape is not measured yet: take short lengths on the photo, or set all four ends of a part.',
        ],
    ],
    'of' => [
        'width' => 'width of “:part”', 'height' => 'height of “:part”', 'left' => 'room left of “:part”', 'right' => 'room right of “:part”',
        'above' => 'room above “:part”', 'below' => 'room below “:part”', 'shape' => '“:part”, width for height', 'length' => 'length “:part”',
    ],
    'side' => ['width' => '', 'height' => '', 'left' => 'to the left', 'right' => 'to the right', 'above' => 'above', 'below' => 'below'],
    'out' => [
        'width' => ['more' => '“:part” is :percent too wide for it', 'less' => '“:part” is :percent too narrow for it'],
        'height' => ['more' => '“:part” is :percent too tall for it', 'less' => '“:part” is :percent too low for it'],
        'room' => ['more' => '“:part” has too much room :side, by :percent of “:whole”', 'less' => '“:part” has too little room :side, by :percent of “:whole”'],
    ],
    'unlike' => [
        'shape' => ['more' => '“:part” is :percent too wide for its height', 'less' => '“:part” is :percent too narrow for its height'],
        'length' => ['more' => '“:part” is :percent too long', 'less' => '“:part” is :percent too short'],
    ],
];
