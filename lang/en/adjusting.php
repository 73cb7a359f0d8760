<?php

/* What an adjustment did, and why one cannot be done. */
return [
    'part' => ['no print' => 'Only a print can show a part of its photo. Say that you work from a print, and measure its two sides.'],
    'unknown' => 'There is no such thing to do.',
    'way' => 'Choose crop, inset, cells or stretch.',
    'carried' => [
        'too small' => 'Drag from one far corner of that grid to the other. This box is too small to be it.',
        'taken' => 'The grid on the photo is the drawing’s own now: :columns by :rows, and the crop is its box. Where its lines are a little off, straighten the photo, or drag the crop’s corner.',
    ],
    'ruled' => [
        'trimmed' => 'Here the frame is trimmed to whole cells inside an outline. Take a rectangle on the Paper step, or another fit, and the guides can follow the lines.',
        'follow' => 'The guides lie where the lines were ruled. The frame stays as it was planned.',
        'edge' => 'Line :line is the frame’s own edge: it was planned at :planned and measured at :found. Guides cannot move it. Rule it again, or make the drawing that size on the Fit step.',
        'outside' => 'Line :line was measured at :found, outside the frame. Look at it again, from the sheet’s edge.',
        'crossed' => 'Line :line was measured before the line in front of it. Look at both again.',
        'nothing' => 'Type where the lines are, from the sheet’s edge.',
    ],
    'aim' => [
        'third' => 'The point lies on a crossing of thirds.',
        'sheet' => 'The point lies in the middle of the sheet. The drawing begins :left from the left edge and :top from the top.',
        'centre' => 'The point lies in the dead centre.',
        'photo ends' => 'The photo ends first: on the paper the point stays :off. A smaller crop would let it move further.',
    ],
    'thing' => 'It lies behind the things before it. Give it its name.',
    'shape' => 'It lies over the picture, as large as it is on your paper. It is on the list of what comes off.',
    'nowhere' => 'Point at the picture.',
    'edge' => [
        'nearer' => 'A crossing lies on a side of the cell: point nearer to one.',
        'crossing struck' => 'A crossing of :cell is struck out.', 'crossing moved' => 'A crossing of :cell is moved.', 'crossing added' => 'A crossing of :cell is added.',
        'contour struck' => 'A contour of :cell is struck out.', 'contour moved' => 'A contour of :cell runs elsewhere.', 'contour added' => 'A contour of :cell is added.',
    ],
    'level already' => 'That line is straight already.',
    'crop' => [
        'past the edge' => 'That is further than the photo goes. The crop stops at its edge.',
        'too small' => 'A crop is at least a twentieth of the photo. Type a larger size.',
        'all of it' => 'That is more than the photo has. The crop takes all of it.',
        'largest' => 'In this shape the photo has no more. The crop is as large as it can be.',
        'screen' => 'On a screen the crop is typed in per cent of the photo, like 25 %.',
    ],
    'inset' => [
        'screen' => 'On a screen there is no print to enlarge. Type a width or a height on the paper.',
        'percent' => 'Type a percentage, like 150.',
        'factor' => 'Type how many times larger, like 1 1/2 or 2.',
    ],
    'missed' => ['left of it' => ':by left of it', 'right of it' => ':by right of it', 'above it' => ':by above it', 'below it' => ':by below it'],
    'feature' => [
        'wide' => ':columns columns: the boxed thing spans :wide of them.',
        'both' => ':columns columns: the boxed thing spans :wide of them and :high rows.',
        'wide at the finest' => ':columns columns: the boxed thing spans :wide of them. Finer than that cannot be told apart, so this is the finest there is. One cell alone can be cut finer still.',
        'both at the finest' => ':columns columns: the boxed thing spans :wide of them and :high rows. Finer than that cannot be told apart, so this is the finest there is. One cell alone can be cut finer still.',
    ],
];
