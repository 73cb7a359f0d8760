<?php

/* The sheets that can be printed: what each is called, and what it is for. */
return [
    'gridded' => ['name' => 'The photo with its grid', 'what' => 'Labelled, to draw from instead of a marked print.'],
    'overlay' => ['name' => 'The grid on clear film', 'what' => 'Lies over an original that must not be marked. Use film that the printer’s maker allows: the wrong one smears, or melts in the heat.'],
    'strips' => ['name' => 'Strips with the marks', 'what' => 'One for each edge of photo and paper. Taped along it, nothing is measured.'],
    'viewfinder' => ['name' => 'A card with a window', 'what' => 'Shows one cell of the photo, or four, and hides the rest.'],
    'corners' => ['name' => 'Two corners to crop with', 'what' => 'Slide them over the print until the picture is right.'],
    'folding' => ['name' => 'Strips to fold', 'what' => 'No ruler, no numbers: halves, quarters and eighths.'],
    'tracing' => ['name' => 'Full size, to trace', 'what' => 'The crop at the drawing’s size, over as many pages as it takes.'],
    'contour' => ['name' => 'A contour to transfer', 'what' => 'The photo’s lines at full size, with corner marks, a hinge and a check bar. Mirrored where the way you carry it over turns it round.'],
    'study' => ['name' => 'The study, to transfer', 'what' => 'What you drew, from its last drawing photo, laid flat at full size, with the same marks.'],
    'corrections' => ['name' => 'Corrections, full size', 'what' => 'The photo’s lines, with an arrow from where each place is drawn to where it belongs. Put it under tracing paper, or hinge it over the drawing.'],
    'tones' => ['name' => 'A tone scale', 'what' => 'As many boxes as you count tones, printed and to be filled, numbered from the lightest.'],
    'swatches' => ['name' => 'Swatches of your pencils', 'what' => 'Two boxes a pencil, to be filled in and photographed. Then your tone scale and colours are those of your own pencils.'],
    'plan' => ['name' => 'The plan on a page', 'what' => 'Sizes, scale, grid, marks and progress, to pin beside the easel.'],
    'calibration' => ['name' => 'The printer’s own check', 'what' => 'Two bars to measure, so that every later sheet comes out true.'],
];
