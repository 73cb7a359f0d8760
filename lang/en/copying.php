<?php

/* A cell and what crosses it, and the ways through the cells. None of the ways is right; each has its reason. */
return [
    'ends' => ['top' => 'the left', 'bottom' => 'the left', 'left' => 'the top', 'right' => 'the top'],
    'far ends' => ['top' => 'the right', 'bottom' => 'the right', 'left' => 'the bottom', 'right' => 'the bottom'],
    'side' => ['top' => 'top', 'right' => 'right', 'bottom' => 'bottom', 'left' => 'left'],
    'eye' => ['short' => 'short of :fraction', 'past' => 'past :fraction', 'exactly short' => ':share, :off of the side short of :fraction', 'exactly past' => ':share, :off of the side past :fraction'],
    'place' => ['at' => 'at :eye of the :side side', 'near' => ':eye of the :side side'],
    'exactly' => ':place, :reading from :end on the paper. Exactly :exactly.',
    'towards' => ['left' => 'left', 'right' => 'right', 'up' => 'up', 'down' => 'down'],
    'contour' => [
        'through' => 'in :in, out :out; :slope, :bow',
        'fades' => 'in :in, fades inside; :slope, :bow',
        'straight' => 'straight',
        'hair' => 'a hair :towards of straight',
        'bulges' => 'bulges :towards :bulge',
    ],
    'takes' => ['few' => 'a few minutes', 'minutes' => 'about :minutes min', 'hours' => 'about :hours h'],
    'start' => [
        'corner' => ['name' => 'the corner off the hand', 'why' => 'Row by row, away from the drawing hand, so that nothing done is dragged through.'],
        'middle' => ['name' => 'the middle', 'why' => 'Outwards from the middle: the subject is placed first, and what is off shows before the edges are reached.'],
        'outside' => ['name' => 'round the outside', 'why' => 'Along the frame first and inwards: the silhouette is held by the edges it leaves through.'],
        'focal' => ['name' => 'the first key point', 'why' => 'Outwards from what must be exact, while the eye is fresh.'],
        'easiest' => ['name' => 'the easiest cell', 'why' => 'The plain cells first: a quick start, and anchors for the difficult ones.'],
        'hardest' => ['name' => 'the hardest cell', 'why' => 'The busiest cells first, while the eye is fresh; plain ones are left for the end.'],
        'joined' => ['name' => 'where most sides are known', 'why' => 'Beside what is done: the neighbours’ crossings say where each contour must come in.'],
    ],
    'square' => ':side square',
    'lies' => ':left from the left and :top from the top of the sheet',
    'point' => ':name: :across from the left, :down from the top',
    'asked' => ['state' => 'A cell is done, empty or open.', 'doubtful' => 'A cell is doubtful or not.', 'words' => 'A note is one line of up to :most characters.', 'cells' => 'Say which cells are meant.'],
    'noted' => [
        'done' => ':cell copied', 'empty' => ':cell left empty', 'open' => ':cell opened again', 'doubtful' => 'doubt at :cell', 'settled' => 'doubt at :cell settled', 'words' => 'note at :cell',
        'several done' => ':count cells copied', 'several empty' => ':count cells skipped as blank', 'several open' => ':count cells opened again', 'several words' => ':count cells noted',
    ],
];
