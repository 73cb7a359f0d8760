<?php

/* The sheet, what its margins cost, and where the drawing lies on it. */
return [
    'sheet' => 'Sheet :size.',
    'other sheet' => 'This is further from :name than :source allows; it may be another sheet. The measured size counts.',
    'over the margin' => 'The drawing lies over the margin at the :sides.',
    'covered' => 'Under it lie :what.',
    'covers' => ['upright' => 'upright lines :names', 'level' => 'level lines :names', 'points' => 'the points :names', 'lengths' => 'the lengths :names'],
    'near an edge' => 'The drawing comes within :nearest of an edge; :least leaves room for tape and fingers (common practice).',
    'measured' => ':name is :size: the short side is :short, the long side :long. The measured size counts.',
    'off' => ['none' => 'as it should be', 'over' => ':off over', 'short' => ':off short'],
    'margins' => ['across' => ':whole − :first − :second = :left to draw on, across.', 'down' => ':whole − :first − :second = :left to draw on, down.'],
    'price' => 'The margins take :share of the sheet.',
    'price and size' => 'The margins take :share of the sheet; without them the drawing would be :size.',
    'edges' => ['equal' => 'To the edges: :left left, :right right, :top above, :bottom below; left and right are equal.', 'differ' => 'To the edges: :left left, :right right, :top above, :bottom below; left and right differ.'],
    'corners' => 'Corners, from the left edge and the top: :left and :top, :far and :top, :left and :low, :far and :low.',
    'reach' => '{1} The farthest mark lies :farthest from the zero corner: a ruler of :ruler reaches it.|[2,*] The farthest mark lies :farthest from the zero corner: a ruler of :ruler is laid :count times.',
    'sides' => ['left' => 'left', 'top' => 'top', 'right' => 'right', 'bottom' => 'bottom'],
    'and the' => ' and the ',
];
