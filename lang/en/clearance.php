<?php

/* What can be done about a line that runs through a boxed thing, what each way costs, and what was done. */
return [
    'photo ends' => 'The photo ends before the crop could move far enough, so it stays. A smaller crop would let it.',
    'too large' => 'It is larger than one cell, so a line must run through it. Larger cells would keep it whole.',
    'clear already' => 'No line runs through it.',
    'offer' => [
        'clear' => 'Whole in one cell: :move.',
        'upright' => 'A vertical line through its middle: :move.',
        'level' => 'A horizontal line through its middle: :move.',
        'larger cells' => 'Whole in one cell of a grid of :columns: :move, and every cell is larger.',
        'moves' => 'the crop moves by :by on the paper',
    ],
    'done' => [
        'clear' => ':move. No line runs through it now.',
        'upright' => ':move. A vertical line runs through its middle.',
        'level' => ':move. A horizontal line runs through its middle.',
        'larger cells' => ':columns, :move. A cell holds it whole.',
        'moves' => 'the crop moved by :by on the paper',
    ],
    'stays' => 'the crop stays',
    'columns' => '{1} 1 column|[2,*] :count columns',
    'by' => ['left' => ':off to the left', 'right' => ':off to the right', 'up' => ':off up', 'down' => ':off down'],
    'and' => ' and ',
    'lost' => 'It crops away :names.',
];
