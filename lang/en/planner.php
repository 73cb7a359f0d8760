<?php

/* Cells that are easy on both rulers, one sentence a plan. */
return [
    'lines' => 'Lines are counted in whole numbers, up to :most.',
    'cells' => ['both' => ':photo on the photo is :paper on the paper: :columns by :rows cells', 'paper' => ':paper cells on the paper: :columns by :rows cells'],
    'turned' => ['sideways' => 'the sheet landscape', 'upright' => 'the sheet portrait'],
    'left' => [
        'nothing' => 'the paper is filled',
        'side' => ':side of paper is left at the side',
        'foot' => ':foot of paper is left at the foot',
        'both' => ':side of paper is left at the side and :foot at the foot',
    ],
    'trimmed' => ['nothing' => 'nothing is trimmed', 'some' => ':percent % of the photo is trimmed'],
    'sentence' => ':parts.',
];
