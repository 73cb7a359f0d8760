<?php

/* The grid on both boards, a line each, as a careful person would write them beside the drawing. */
return [
    'sliver' => [
        'column' => 'A column is only :strip wide, under a quarter of a cell.',
        'row' => 'A row is only :strip high, under a quarter of a cell.',
        'propose' => 'Spread it over all cells, or leave it off.',
    ],
    'counts' => ':columns and :rows: :cells cells, :lines inside the frame.',
    'columns' => '{1} 1 column|[2,*] :count columns',
    'rows' => '{1} 1 row|[2,*] :count rows',
    'lines' => '{1} 1 line|[0,*] :count lines',
    'parts' => '{1} 1 part|[2,*] :count parts',
    'along' => 'Across: :across. Down: :down.',
    'edge' => ':parts, :lines inside, :all with the edges',
    'cell' => ['paper' => 'A cell is :paper on the paper.', 'both' => 'A cell is :paper on the paper, :print on the print.'],
    'first cell' => ['paper' => 'The first cell is :paper on the paper.', 'both' => 'The first cell is :paper on the paper, :print on the print.'],
    'not square' => 'These cells are not square. They keep the proportion as long as both boards have the same counts.',
    'nearest squares' => 'The nearest to squares is :columns by :rows.',
    'kept' => ['right' => 'What remains at the right, :strip, is kept as partial cells.', 'bottom' => 'What remains at the bottom, :strip, is kept as partial cells.'],
    'shared' => ['right' => 'What remains is shared: :strip of partial cells at both sides.', 'bottom' => 'What remains is shared: :strip of partial cells at top and bottom.'],
    'dropped' => ['right' => 'What remains, :strip, is not drawn: half of it is left at either side.', 'bottom' => 'What remains, :strip, is not drawn: half of it is left at top and bottom.'],
    'part' => 'The grid lies over a part only: it begins :left from the sheet’s left edge and :top from its top.',
    'axes' => 'The axes meet :left from the sheet’s left edge and :top from its top. Points right and down of them count plus.',
    'cross' => 'The cross lies :left from the sheet’s left edge and :top from its top.',
    'time' => 'To mark and rule: :time a board (rule of thumb). A mark is off by :error at most, on this ruler.',
    'spared' => [
        'regions' => '{1} One cell lies in what is not to be drawn, and needs no copying.|[2,*] :count cells lie in what is not to be drawn, and need no copying.',
        'oval' => '{1} One cell lies wholly outside the oval, and needs no copying.|[2,*] :count cells lie wholly outside the oval, and need no copying.',
        'circle' => '{1} One cell lies wholly outside the circle, and needs no copying.|[2,*] :count cells lie wholly outside the circle, and need no copying.',
    ],
    'main' => [
        'upright exactly' => 'A vertical line at :share: exactly :fraction.',
        'upright nearly' => 'A vertical line at :share: nearly :fraction.',
        'level exactly' => 'A horizontal line at :share: exactly :fraction.',
        'level nearly' => 'A horizontal line at :share: nearly :fraction.',
    ],
    'stretched' => [
        'screen' => 'Stretched :by: what is square on the photo is not square on the paper.',
        'print' => 'Stretched :by: ×:x across and ×:y down.',
    ],
];
