<?php

/* What single findings are called. */
return [
    'under' => 'under :length',
    'under percent' => 'under :percent %',
    'listed' => ':most and :last',
    'either' => ':most or :last',
    // How far a reading is off.
    'off' => ['exact' => 'exact', 'over' => ':by over', 'short' => ':by short', 'under over' => 'under :by over', 'under short' => 'under :by short', 'reading' => ':reading (:error)'],
    'corner' => ['top-left' => 'top left', 'top-right' => 'top right', 'bottom-left' => 'bottom left', 'bottom-right' => 'bottom right'],
    // How a stretch is called, by how much it pulls (common practice).
    'stretched' => [
        'not' => 'in proportion',
        'harmless' => 'harmless: under 1 %, less than a pencil line',
        'slight' => 'slight: fit for a landscape, not for a likeness',
        'visible' => 'visible: a circle is drawn as an oval',
    ],
    'way' => ['crop' => 'fill the paper', 'inset' => 'whole photo', 'cells' => 'whole squares', 'stretch' => 'stretch'],
    'colour' => ['chalk' => 'white chalk', 'graphite' => 'graphite', 'guide' => 'guide blue', 'lemon' => 'lemon yellow', 'rose' => 'rose'],
    // Why the lines on the photo have their colour.
    'line' => ['chosen' => 'Your own choice.', 'no photo' => 'Graphite, on a board without a photo.', 'shows best' => ':colour shows best against the colours under the lines.'],
    'set up' => ['nothing' => 'nothing to rule', 'about' => 'about :minutes min', 'between' => ':least–:most min'],
    'slope' => ['level' => 'level', 'upright' => 'vertical', 'rises' => 'rises :degrees°', 'falls' => 'falls :degrees°', 'up' => ':short up for :long across', 'down' => ':short down for :long across', 'steep up' => ':short across for :long up', 'steep down' => ':short across for :long down'],
    'orientation' => [
        'square sheet' => 'The sheet is square: both ways are the same.',
        'square picture' => 'The photo is square. Both ways leave :wasted of the sheet empty.',
        'upright' => 'Portrait fits best. It leaves :good of the sheet empty, landscape :bad.',
        'sideways' => 'Landscape fits best. It leaves :good of the sheet empty, portrait :bad.',
    ],
    'pinned' => ':point is held at a place of the sheet, so the crop stays. Release it first, at its key point.',
    'bar' => [
        'paper counts' => ':boxes boxes, numbered :first to :last, :first the lightest. Step :step is the bare paper.',
        'paper beyond' => ':boxes boxes, numbered :first to :last, :first the lightest. The bare paper is not counted.',
    ],
    'threshold' => [
        'clean' => 'Light and shadow are clearly apart. :shadow is shadow. Only :between lies between.',
        'partly' => 'Light and shadow are apart in most places. :shadow is shadow. :between lies between.',
        'muddy' => 'Light and shadow are hard to tell apart. :between lies between. Decide each of those places, or light the subject from one side.',
    ],
];
