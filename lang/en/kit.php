<?php

/* What is laid ready for a sitting: common practice. */
return [
    'sheet' => 'The sheet: :sheet',
    'board' => 'A board larger than it, clips or low-tack tape',
    'wall' => 'Tape that holds on the wall, a plumb line, a steady step',
    'ruler' => 'A ruler with marks of :ruler',
    'long-ruler' => 'A straightedge as long as the sheet, and a ruler with marks of :ruler',
    'square' => 'A set square',
    'guide-pencil' => 'For the guides: :pencil',
    'graphite' => 'Pencils from hard to soft, and a sharpener',
    'ink' => 'Pens and ink, blotting paper, a jar that does not tip',
    'wash' => 'Brushes, two jars of water, a clean rag',
    'pastel' => 'Pastels in the order of their tones, glassine under the hand',
    'crayon' => 'Coloured pencils, a blender, a sharpener',
    'paint' => 'Brushes, paint, rags. Air the room',
    'relief' => 'Gouges, kept sharp, a stop for the block, ink and roller',
    'kneaded' => 'A kneaded eraser',
    'guard' => 'A clean sheet under the hand',
    'brush' => 'A soft brush for crumbs. Do not blow',
    'damp-cloth' => 'A damp cloth for the dust. Do not blow',
    'clean' => 'Clean hands, clean tools: oil and old dust show last',
];
