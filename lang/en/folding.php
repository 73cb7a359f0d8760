<?php

/* The folded way: halves of halves, and no numbers. */
return [
    'rounds' => ['not at all', 'in half', 'in quarters', 'in eighths', 'in sixteenths'],
    'fits' => 'Folded :across across and :down down, the creases are the grid’s lines: :columns by :rows.',
    'what' => [
        'sheet' => 'Paper: fold the sheet itself. The drawing fills it.',
        'strips' => 'Paper: do not fold the sheet, as the drawing does not fill it. Cut strips as long as the frame’s sides. Fold those and mark at their creases.',
        'print' => 'Photo: fold a copy of the print.',
        'cropped print' => 'Photo: trim a copy of the print to the crop, or fold its edges back to the crop. Then fold that.',
    ],
    'otherwise' => 'Folding in half makes 2, 4, 8 or 16 parts, not :columns by :rows. These creases make eighths, to draw by instead. Or choose folding on the Grid step.',
    'fold' => ['across' => ':Rounds, side to side', 'down' => ':Rounds, top to bottom'],
    'first' => [
        'across' => 'Bring the left edge to the right edge, corners on corners, and crease: that is the half.',
        'down' => 'Bring the top edge to the bottom edge, corners on corners, and crease: that is the half.',
    ],
    'halved' => 'Bring each edge and crease to the one beside it, and crease: each part is halved. :creases creases.',
    'crosses' => 'Each crosses all :count that run the other way.',
    'strip' => 'A strip does the same without a crease in the sheet. Fold the strip, lay it along the edge, and tick at its creases. One from this side does not serve the other.',
];
