<?php

/* What governs a picture, before a line is drawn. */
return [
    'frame' => [
        'upright' => ['once' => 'The picture is hardly higher than it is wide.', 'hardly' => '', 'times' => 'The picture is :times times as high as it is wide.'],
        'sideways' => ['once' => 'The picture is hardly wider than it is high.', 'hardly' => '', 'times' => 'The picture is :times times as wide as it is high.'],
    ],
    'thing' => [
        'once' => '“:name” takes :size. It is as wide as it is high.',
        'hardly' => '“:name” takes :size. It is far narrower than it is high.',
        'times' => '“:name” takes :size. It is :times times as wide as it is high.',
    ],
    'part' => [
        'once' => '“:part” is nearly as wide as “:whole”.',
        'hardly' => '',
        'times' => 'The width of “:part” goes :times times into that of “:whole”.',
    ],
    'length' => '“:name” is :says.',
    'edge' => 'A strong edge: :edge.',
];
