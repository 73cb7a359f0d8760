<?php

/* Which pencil to draw guide lines with, and how: common practice in drawing classes, no published source. */
return [
    'not looked at' => 'Not looked at yet.',
    'box' => [
        'kept' => '{1} :names is on the list now.|[2,3] :names are on the list now.|[4,*] :count pencils are on the list now.',
        'known' => '{1} :names was on it already, and stays as it is.|[2,*] :names were on it already, and stay as they are.',
    ],
    'pencil' => [
        'print' => 'None on the print itself. A soft grease or film marker on a clear sheet over it, or a copy of the print.',
        'toned' => 'A white or pale pastel pencil. Graphite would shine and not show.',
        'vine' => 'Vine charcoal, or thinned paint in a middle tone.',
        'pastel' => 'A hard pastel pencil near the ground’s own colour. Graphite can work up through thin oil paint.',
        'chalk' => 'Chalk, or a snapped chalk line for the long ones.',
        'wash' => 'HB. Harder grooves the sheet and takes the wash, softer smears into it.',
        'sharp' => '2H, sharp.',
        'smooth' => '2H, sharp: softer smears on a smooth sheet.',
        'stays' => 'HB.',
        'tooth' => 'H. On paper with tooth, HB with no weight at all.',
    ],
    'pressure' => [
        'print' => 'Press on nothing that lies on a print: the dent stays.',
        'standing' => 'Just to be seen from where you stand.',
        'even' => 'Light and even.',
        'weightless' => 'The weight of the pencil only: you see it at the easel, not from the door.',
    ],
    'after' => [
        'print' => 'There is nothing to erase. The print is as it was.',
        'washed' => 'Once a wash has dried over it, pencil does not come off. Ticks at the edges alone, or lines only where paint will be dark.',
        'lifted' => 'Lift with a kneaded eraser before the first wash. Rubbing roughens the size.',
        'brushed' => 'Brush off, or lift with a kneaded eraser or a damp cloth. Try it in a corner.',
        'ink' => 'Lift the guides before ink goes on: ink does not hide what it does not cover. What pencil is left comes off when the ink is dry through.',
        'nothing' => 'Nothing.',
        'cell' => 'Take each cell’s lines off with a kneaded eraser before it is shaded.',
    ],
];
