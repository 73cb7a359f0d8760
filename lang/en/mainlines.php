<?php

/* The strongest edges of a picture, offered as dividing lines. */
return [
    'level' => 'level, at :share %: near :fraction, :strength times as strong as the rest',
    'upright' => 'vertical, at :share %: near :fraction, :strength times as strong as the rest',
    'slanted' => 'slanted, :slope, from :from to :to, :strength times as strong as the rest',
    'on the frame' => [
        'left' => ':share % down the left side (near :fraction)', 'right' => ':share % down the right side (near :fraction)',
        'top' => ':share % along the top (near :fraction)', 'bottom' => ':share % along the bottom (near :fraction)',
    ],
];
