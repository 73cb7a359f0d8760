<?php

/* Proportional dividers, set for a ratio. */
return [
    'pivot' => 'For :ratio, on dividers :length from tip to tip: the pivot sits :pivot from the short end.',
    'rounded' => 'The ruler does not read it quite there. Set so, the ratio is :makes, and a drawing comes out :percent :way. Mend it by the try below.',
    'ends' => ['larger' => 'The short end goes on the photo, the long end on the paper.', 'smaller' => 'The long end goes on the photo, the short end on the paper.', 'same' => 'Either end goes on the photo: both span alike.'],
    'marked' => 'That is the hole marked :setting.',
    'nearest' => 'The nearest hole is marked :setting: a drawing :percent % :way than at :ratio.',
    'larger' => 'larger', 'smaller' => 'smaller',
    'check' => 'If the pivot slips, check the setting again on the ruler. What spans 1 on one side must span :ratio on the other.',
];
