<?php

/* What measured lengths and marked points say of the drawing. */
return [
    'alignment' => [
        'under' => ':second is plumb under :first',
        'over' => ':second is plumb over :first',
        'level' => ':second is level with :first',
        'but for' => ':says, but for :off :side',
        'left' => 'to the left', 'right' => 'to the right', 'above' => 'above', 'below' => 'below',
    ],
    'deviation' => ['right' => 'right to the graduation', 'long' => ':off too long, :share %', 'short' => ':off too short, :share %'],
    'proportion' => ['as long' => 'as long as :other', 'hardly' => 'hardly any of :other', 'of' => ':times of :other', 'times' => ':times times :other', 'exactly' => ':says (:ratio)'],
];
