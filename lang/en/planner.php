<?php

/* Cells that are easy on both rulers, one sentence a plan. */
return [
    'lines' => 'Lines are counted in whole numbers, up to :most.',
    'cells' => [
        'both' => ':columns × :rows squares, :photo on the photo, :paper on the paper.',
        'paper' => ':columns × :rows squares, :paper on the paper.',
    ],
    'turned' => ['sideways' => 'Turn the sheet to landscape.', 'upright' => 'Turn the sheet to portrait.'],
    'left' => [
        'nothing' => 'The paper is filled.',
        'side' => ':side of paper is left at the side.',
        'foot' => ':foot of paper is left at the bottom.',
        'both' => ':side of paper is left at the side and :foot at the bottom.',
    ],
    'trimmed' => ['nothing' => 'Nothing is cropped.', 'some' => ':share of the photo is cropped.'],
    'offer' => [
        'whole' => ':squares squares of :side would fit whole.',
        'cropped' => ':squares squares of :side would fit, with :share of the photo cropped.',
    ],
];
