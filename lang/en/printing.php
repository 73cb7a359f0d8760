<?php

/* What stands on the printed sheets, and why one cannot be made. */
return [
    'at' => [
        'print' => 'at print size',
        'page' => 'fitted to the page',
        'drawing' => 'at the size of the drawing',
    ],
    'bar is true' => 'This bar is :bar:unit long when the printer kept the size; print at 100 %, not fitted.',
    'calibration' => [
        'at full size' => 'Print this page at 100 %, never “fitted to the page”.',
        'measure' => 'Measure both bars from end tick to end tick with the ruler you draw with, and type what you read. Every later sheet is then made longer or shorter, on each axis, by what this printer takes away.',
        'border' => 'If an edge of the frame at the border is missing, the printer’s border is wider than was said.',
        'title' => 'Calibration page',
    ],
    'corner' => ':title: corner :i of 2, to cut out and slide over the photo',
    'corners' => 'Lay the two corners on the photo, one turned round, and slide them until the picture is right. The long ticks are this drawing’s crop.',
    'cut' => [
        'on a mat' => 'Cut on a mat, along a metal edge,',
        'away' => 'away from the hand that holds.',
    ],
    'folding' => [
        'title' => ':title: strips to fold',
        'fold' => 'Cut a strip out and fold it end to end; each crease halves what is there. Lay it along its edge and mark at the creases.',
        'no number' => 'Halves, quarters and eighths need no number. A strip from one side does not serve the other, nor the photo’s the paper’s.',
    ],
    'strips' => [
        'title' => ':title: strips with the marks',
        'lay' => 'Cut a strip out, lay its ticked edge along the edge it is named for, the end before its 0 on the corner (top edge and bottom edge: at the left; left edge and right edge: at the top), tape it, and mark at each tick.',
        'one side' => 'One that was made for one side does not serve another.',
    ],
    'frame' => [
        'title' => ':title: a frame to draw round',
        'draw round' => 'Cut out, lay on the sheet, and draw round it.',
        'cut' => 'Cut along a metal edge, away from the hand that holds.',
    ],
    'film' => [
        'title' => ':title: grid for clear film, :size',
        'caution' => 'Print on film that the printer’s maker allows: film for ink smears in a laser printer or melts in its heat.',
        'photo' => 'the photo’s corner',
        'sheet' => 'the sheet’s corner',
    ],
    'swatches' => [
        'title' => 'Swatches',
        'use' => 'Fill the left box of each pair as firmly as you ever press, the right one lightly, to its edges. Lay the page on something darker, photograph it whole, in even light and without flash. Leave the greys and the black squares as they are.',
        'firmly' => 'firmly',
        'lightly' => 'lightly',
        'foot' => ':title: swatches, page :page. As true as the printer’s greys.',
    ],
    'tone bar' => [
        'use' => 'Fill the empty boxes with the pencils you will draw with, until each is as dark as the printed one beside it. Lay the strip along the drawing, and say of each place which box it is.',
        'foot' => ':title: a tone bar of :boxes, 1 the lightest',
        'title' => 'Tone bar',
    ],
    'thread' => [
        'stretch' => 'stretch a thread',
        'over' => 'over the long ticks',
    ],
    'own page' => ', on a page made for it',
    'map' => [
        'title' => 'How the pages lie',
        'pages' => ':count pages, :columns across and :rows down; neighbours share :overlap.',
        'join' => 'Cut each page along its frame at the left and the top, lay that edge on the dashed line of the page before it so that the red crosses meet, and tape it from behind.',
    ],
    'pages' => '{1} 1 page|[2,*] :count pages',
    'could not' => 'The sheet could not be made. :why',
    'page of' => ':says · page :page of :count',
    'piece of' => ':name · piece :piece of :count',
    'join' => 'join :letter',
    'tile' => 'Column :column of :columns, row :row of :rows · :says',
    'bar' => ['across' => 'across: :length', 'down' => 'down: :length'],
    'gridded' => ':title: :columns by :rows, :size',
    'gridded mirrored' => ':title: :columns by :rows, :size, mirrored: left and right are swapped',
    'corrections' => [
        'title' => ':title, corrections',
        'under' => 'Lay it under tracing paper, trace what is right, and put the drawing right from that; or hinge it over the drawing and look under it.',
        'no shot' => 'There is no shot of the drawing yet: these are the photo’s lines alone.',
    ],
    'trace' => [
        'title' => ':title: to trace', 'pixels' => ':pixels pixels to the inch', 'mirrored' => 'mirrored',
        'hinge' => 'Tape the joined tracing to the sheet along its top, at the two hinge marks: it then folds back over the work at any time and lies as before. The corner marks stand on the corners of the drawing.',
        'soft' => 'With :inch pixels to the inch it is soft from near; it is for placing, not for detail.',
        'swapped' => 'Left and right are swapped, as for a plate or block that prints back to front.',
    ],
    'window' => [
        'one photo' => 'One cell of the photo: :size', 'one paper' => 'One cell of the paper: :size',
        'four photo' => 'Four cells of the photo: a window of :size', 'four paper' => 'Four cells of the paper: a window of :size',
        'cut' => ':says. Cut along the dashed lines and lay the card down: only what is in the window is looked at and drawn.',
    ],
    'strip' => [
        'photo top' => 'Photo, top edge', 'photo bottom' => 'Photo, bottom edge', 'photo left' => 'Photo, left edge', 'photo right' => 'Photo, right edge',
        'paper top' => 'Paper, top edge', 'paper bottom' => 'Paper, bottom edge', 'paper left' => 'Paper, left edge', 'paper right' => 'Paper, right edge',
    ],
    'plan' => [
        'name' => ['photo' => 'Photo', 'paper' => 'Paper', 'drawing' => 'Drawing', 'grid' => 'Grid', 'dividers' => 'Dividers', 'progress' => 'Progress', 'mirrored' => 'Mirrored', 'then' => 'Then'],
        'print' => ':photo; the crop is :crop',
        'sheet' => ':paper; from its left edge :left, from its top :top',
        'cell' => ':grid; a cell is :cell on the paper',
        'cells' => ':grid; a cell is :print on the photo, :cell on the paper',
        'done' => ':done of :cells cells',
        'swapped' => 'left and right are swapped, as for a plate or block that prints back to front; measure what lies across from the right edge',
        'order' => 'Mark all the ticks on both long edges, then on both short ones; measure the diagonals before ruling. Rule each line through its two ticks, number the edges, then copy cell by cell. Take the lines off as each part is finished.',
        'pair' => 'set to :setting; on a pair :whole long, tip to tip, the pivot is :pivot from the short end',
        'foot' => ':title: the plan',
        'list' => ['across' => 'Across', 'down' => 'Down', 'photo' => 'photo', 'area' => 'area', 'sheet' => 'sheet edge'],
    ],
];
