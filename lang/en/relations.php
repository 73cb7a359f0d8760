<?php

/* How things of a picture stand to each other: what meets, touches, leaves a gap, stands above or goes behind. */
return [
    'meets' => [
        'outline' => '“:one” meets “:other” in :at',
        'along' => '“:one” meets “:other” :share of the way along it, in :at',
        'start' => '“:one” meets “:other” at its first end, in :at',
        'end' => '“:one” meets “:other” at its second end, in :at',
    ],
    'behind' => '“:one” goes behind “:other”, in :at',
    'touches' => '“:one” touches “:other” in :at',
    'gap' => [
        'left' => '“:one” is left of “:other”: a space of :apart, in :at',
        'right' => '“:one” is right of “:other”: a space of :apart, in :at',
        'above' => '“:one” is just above “:other”: a space of :apart, in :at',
        'below' => '“:one” is just below “:other”: a space of :apart, in :at',
    ],
    'above' => '“:one” stands above “:other”, :apart higher',
    'drawn' => ['same' => 'so on the drawing', 'wider' => 'on the drawing :apart: too wide', 'narrower' => 'on the drawing :apart: too narrow'],
];
