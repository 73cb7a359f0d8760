<?php

/* The sheet, what its margins cost, and where the drawing lies on it. */
return [
    'unit offer' => [
        'in' => 'You typed :typed. Work in inches?',
        'cm' => 'You typed :typed. Work in centimetres?',
        'mm' => 'You typed :typed. Work in millimetres?',
    ],
    'source' => ['common practice' => 'rule of thumb', 'common practice, office' => 'rule of thumb (letter and tabloid: also ASME Y14.1 A and B)'],
    'sheet' => 'Sheet :size.',
    'other sheet' => 'This is further from :name than :source allows. It may be another sheet. The measured size counts.',
    'over the margin' => 'The drawing lies over the margin at the :sides.',
    'covered' => 'Under it lie :what.',
    'covers' => ['upright' => 'vertical lines :names', 'level' => 'horizontal lines :names', 'points' => 'the points :names', 'lengths' => 'the lengths :names'],
    'near an edge' => 'The drawing comes within :nearest of an edge. :least leaves room for tape and fingers (rule of thumb).',
    'measured' => ':name is :size: the short side is :short, the long side :long. The measured size counts.',
    'off' => ['none' => 'as it should be', 'over' => ':off over', 'short' => ':off short'],
    'margins' => ['across' => ':whole − :first − :second = :left to draw on, across.', 'down' => ':whole − :first − :second = :left to draw on, down.'],
    'price' => 'The margins take :share of the sheet.',
    'price and size' => 'The margins take :share of the sheet. Without them the drawing would be :size.',
    'edges' => ['equal' => 'To the edges: :left left, :right right, :top above, :bottom below. Left and right are equal.', 'differ' => 'To the edges: :left left, :right right, :top above, :bottom below. Left and right differ.'],
    'corners' => 'Corners, from the left edge and the top: :left and :top, :far and :top, :left and :low, :far and :low.',
    'reach' => '{1} The farthest mark lies :farthest from the start corner: a ruler of :ruler reaches it.|[2,*] The farthest mark lies :farthest from the start corner: a ruler of :ruler is laid :count times.',
    // What a surface stands, and what follows from it.
    'profile' => 'It has :tooth, takes :erasing, and :wet.',
    'tooth' => ['hardly any tooth', 'some tooth', 'much tooth'],
    'erasing' => ['no erasing', 'little erasing', 'erasing well'],
    'wet' => 'can be wetted',
    'dry' => 'cockles when it is wetted',
    'apart' => [
        'print' => 'Nothing is drawn on a print: mark a clear sheet over it, or a copy.',
        'delicate' => 'It stands little erasing. Draw on another sheet of the same size and transfer the lines. Or draw on it directly with no weight, and rub out nothing.',
        'size' => 'Rubbing roughens its size, and washes show it. Draw on another sheet of the same size and transfer the lines. Or draw on it directly, faintly.',
        'toned' => 'What is rubbed out leaves a pale patch on toned paper. Draw on another sheet of the same size and transfer the lines. Or draw on it directly, faintly.',
        'stands-it' => 'It stands erasing: draw on it directly. Or draw apart and transfer the lines, if the sheet is dear.',
    ],
    'setup' => [
        'taken' => ['what' => 'Taken from your stock', 'why' => 'One sheet less is left of it.'],
        'face' => ['what' => 'The face you want lies up', 'why' => 'Most sheets are smoother on one side: hold it to the light, or read the watermark.'],
        'square' => ['what' => 'Square to the board', 'why' => 'Then the board’s edges are your horizontal and vertical.'],
        'corners' => ['what' => 'Corners held', 'why' => 'With low-tack tape, pulled off slowly and flat: strong tape takes the surface with it.'],
        'board' => ['what' => 'A board larger than the sheet by :more at every side', 'why' => 'Room for clips and the heel of the hand.'],
        'hard' => ['what' => 'Hard and smooth under the sheet before any tone', 'why' => 'Over a soft pad darks do not go dark, and a pencil grooves.'],
        'unmoved' => ['what' => 'Not moved since it was marked', 'why' => 'A sheet that has slipped is squared to its marks again, not to the board.'],
    ],
    'purpose' => [
        'trial' => 'A practice sheet: not the last one, and on cheap paper not to be kept, since it yellows.',
        'good' => 'The final sheet.',
    ],
    'asked' => ['purpose' => 'Say what the sheet is for: trial or good.'],
    'sides' => ['left' => 'left', 'top' => 'top', 'right' => 'right', 'bottom' => 'bottom'],
    'and the' => ' and the ',
];
