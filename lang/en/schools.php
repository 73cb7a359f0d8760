<?php

/* The schools of grid: what each is called, what artists say for it and against it. */
return [
    'count' => ['name' => 'squares by count', 'for' => 'Quick to set up. A grid of 3 by 4 has only five lines inside.', 'against' => 'Coarse squares leave more to the eye.'],
    'measure' => ['name' => 'squares by measure', 'for' => 'Every mark falls on the ruler. No arithmetic.', 'against' => 'Leaves a strip over at two edges.'],
    'proportional' => ['name' => 'equal parts', 'for' => 'Works on any two sides that agree in shape, and leaves nothing over.', 'against' => 'Cells that are not square tempt one to stretch.'],
    'thirds' => ['name' => 'thirds', 'for' => 'Four lines, and their crossings show where a focal point sits well.', 'against' => 'Few lines to measure from.'],
    'quarters' => ['name' => 'quarters and diagonals', 'for' => 'No ruler is needed beyond a straight edge. A fast start.', 'against' => 'Loose: much is left between the lines.'],
    'folding' => ['name' => 'folding', 'for' => 'No measuring at all: fold the photo, fold or halve the paper.', 'against' => 'Creases stay in the sheet, so fold a copy.'],
    'axes' => ['name' => 'axes with ticks', 'for' => 'Two lines on the paper, and any point can be plotted.', 'against' => 'Gives points only, no cells to compare.'],
    'cross' => ['name' => 'centre cross', 'for' => 'Exact where it matters, and the paper stays clean.', 'against' => 'Slow, and it needs dividers.'],
    'main' => ['name' => 'main dividing lines', 'for' => 'For a landscape the horizon and a few edges are enough.', 'against' => 'Not for a likeness.'],
    'own' => ['name' => 'own lines', 'for' => 'Only the lines this picture needs, where it needs them.', 'against' => 'Every line has to be thought of.'],
];
