<?php

/* How the tones lie in the picture. */
return [
    'most' => 'Most of it is step :step: :share.',
    'scarce' => 'Of step :steps there is hardly anything.',
    'order' => ['the darkest', 'the second darkest', 'the third darkest'],
    'lightest' => 'the lightest',
    'compared' => [
        'same' => 'As dark as the place before.',
        'darker' => 'Darker than the place before by :by of 100: :steps.',
        'lighter' => 'Lighter than the place before by :by of 100: :steps.',
        'steps' => '{0} the same step|{1} a step|[2,*] :count steps',
    ],
    'laid' => [
        'bare' => 'On the last drawing photo there are lines, and hardly any tone yet.',
        'even' => 'As a whole the drawing is about as dark as the photo.',
        'paler' => 'Everything came out paler: by :by of a step on average, on the last drawing photo.',
        'darker' => 'Everything came out darker: by :by of a step on average, on the last drawing photo.',
        'missing' => '{1} Step :steps of the photo is missing on the drawing.|[2,*] Steps :steps of the photo are missing on the drawing.',
    ],
    'way' => [
        'line' => ['name' => 'line first', 'why' => 'The line stands alone until it is true. Choose this where ink, paint, a wash or pastel follows. Nothing under them can be moved any more.'],
        'tone' => ['name' => 'tone along with it', 'why' => 'Shadow shapes go in with the line. In graphite they show a slip sooner than a line does, and cover it.'],
    ],
    'reworks' => '{1} One layer over another is logged so far.|[2,*] :count layers over others are logged so far.',
    // What smudges, and what keeps it from doing so: common practice.
    'care' => [
        'graphite' => ['A guard sheet under the hand, and a tissue instead of a finger. Skin oil stays, and graphite does not take on it.'],
        'ink' => [],
        'watercolour' => ['Keep fingers off the sheet: skin oil sheds the wash.'],
        'pastel' => ['Glassine under the hand. Do not blow the dust off. Tap it off outdoors, wipe what falls with a damp cloth, and wash your hands.', 'Each rework fills the tooth: settle the drawing before the first layer.'],
        'coloured pencil' => ['A guard sheet under the hand. Brush crumbs off before the next colour, or they streak.'],
        'paint' => [],
        'relief print' => [],
    ],
    'strokes' => ['read' => 'In :cell what is seen :slope.', 'drawn' => 'In :cell, as you drew it: :slope.'],
    'spot' => ['named' => ':Name: step :step, in :cell', 'plain' => 'Step :step, in :cell'],
];
