<?php

/* Why each mark is where it is. */
return [
    'spacing' => [
        'across' => '{1} Across: one space of :spaces between the ticks come to :sum. The frame is :side.|[2,*] Across: :count spaces of :spaces between the ticks come to :sum. The frame is :side.',
        'down' => '{1} Down: one space of :spaces between the ticks come to :sum. The frame is :side.|[2,*] Down: :count spaces of :spaces between the ticks come to :sum. The frame is :side.',
        'between' => ':least to :most',
        'caution' => 'Rule the first two lines in pencil and measure between them at both ends. A printed line, or one in ink or marker, cannot be undone.',
    ],
    'cells' => 'A cell: :print on the photo, :paper on the paper.',
    'print' => [
        'left' => 'left',
        'right' => 'right',
        'own' => 'The photo’s readings count from the print’s own :edge and top edges.',
        'crop' => 'The photo’s readings count from the crop’s :edge and top edges. Those lie :across from the print’s :edge edge and :down from its top.',
        'mirrored' => 'The photo is seen mirrored, the print is not: line 1 lies next to its right edge.',
        'leaning' => 'The photo was straightened, so on the print the crop leans: its readings count along its own edges. Ticks for the print’s edges are in the walk, and on the strips.',
    ],
    'exact' => 'Every mark falls on the ruler: nothing is rounded.',
    'exact on paper' => 'On the paper every mark falls on the ruler. On the photo marks are rounded, each from its own true value.',
    'rounded' => 'Each mark is rounded from its own true value, never more than half a ruler division off.',
    'easier' => ['inches' => 'Easier: on a ruler in inches every mark falls on a ruler division.', 'millimetres' => 'Easier: on a ruler in millimetres every mark falls on a ruler division.'],
    'carried' => 'Read half a ruler division off on the photo, :half, and it is :becomes on the paper. At the far corner, off both ways, :corner.',
    'sum' => ['even' => ':side ÷ :count = :cell', 'uneven' => 'The first line lies at :cell'],
    'edge' => ['exact across' => 'Across: :sum.', 'exact down' => 'Down: :sum.', 'read across' => 'Across: :sum. On this ruler :reading, :error.', 'read down' => 'Down: :sum. On this ruler :reading, :error.'],
    'stepping' => ['across' => 'In steps of :step across the top, line :line would come out :off.', 'down' => 'In steps of :step down the side, line :line would come out :off.'],
    'layings' => [
        'across' => '{0} Across: from the sheet’s edge the ruler reaches no line. Tick where it ends, :ruler, and lay its zero there for the rest.|[1,*] Across: from the sheet’s edge the ruler reaches line :count. Tick where it ends, :ruler, and lay its zero there for the rest.',
        'down' => '{0} Down: from the sheet’s edge the ruler reaches no line. Tick where it ends, :ruler, and lay its zero there for the rest.|[1,*] Down: from the sheet’s edge the ruler reaches line :count. Tick where it ends, :ruler, and lay its zero there for the rest.',
    ],
];
