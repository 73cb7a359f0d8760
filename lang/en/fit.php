<?php

/* How picture and paper are made to agree, and what it costs on either side. */
return [
    'curve' => ['outside' => 'Outside the curve: :names.', 'through' => 'The curve runs through :names.'],
    'cropped away' => 'Cropped away: :names.',
    'stretched' => [
        'wider' => 'Stretched :percent: :verdict. A circle becomes an oval :by wider than high. A slope of 35° becomes :slope°.',
        'higher' => 'Stretched :percent: :verdict. A circle becomes an oval :by higher than wide. A slope of 35° becomes :slope°.',
        'seen' => 'On a subject like this (:subject) it will be seen.',
    ],
    'clears' => [
        'left' => ':length at the left (:share)', 'right' => ':length at the right (:share)', 'top' => ':length at the top (:share)', 'bottom' => ':length at the bottom (:share)',
        'tightest' => [
            'left' => 'On the paper the marked points clear the sides by :sides. It is tightest at the left.',
            'right' => 'On the paper the marked points clear the sides by :sides. It is tightest at the right.',
            'top' => 'On the paper the marked points clear the sides by :sides. It is tightest at the top.',
            'bottom' => 'On the paper the marked points clear the sides by :sides. It is tightest at the bottom.',
        ],
    ],
    'agree' => [
        'same' => 'The photo and the paper have the same shape.',
        'wider' => 'The photo is wider in shape than the paper, by :percent.',
        'narrower' => 'The photo is narrower in shape than the paper, by :percent.',
    ],
    'free' => [
        'same' => 'The free crop has the paper’s shape.',
        'narrower' => 'The free crop is narrower in shape than the paper, by :percent. :wide more, or :high less, would make them one.',
        'wider' => 'The free crop is wider in shape than the paper, by :percent. :wide less, or :high more, would make them one.',
        'width' => ':length of width', 'height' => ':length of height', 'share of width' => ':length of the photo’s width', 'share of height' => ':length of the photo’s height',
    ],
    'pinned' => ':point: :says',
    'trimmed' => [
        'nothing' => 'Nothing is cropped from the photo.',
        'some' => ':share of the photo is cropped: :sides.',
        'left' => ':off off the left', 'right' => ':off off the right', 'top' => ':off off the top', 'bottom' => ':off off the bottom',
    ],
    'round' => ['full' => 'The circle is :is across.', 'smaller' => 'The circle is :is across. Cropped to the paper it could be :could.'],
    'left' => ['nothing' => 'The drawing fills the paper inside its margins.', 'some' => 'Left over: :across across, :down down.'],
    'whole cells' => ':columns × :cell = :width across, :rows × :high = :height down.',
    'limit' => ['width' => 'The width stops it first. All the slack is above and below.', 'height' => 'The height stops it first. All the slack is at the sides.'],
    'scale' => [
        'same' => 'The same size: what is measured on the print is drawn as it is. A misprinted guide cancels out only when it is used on both.',
        'larger' => ':area ÷ :print = ×:factor, larger, :ratio or :percent. The area grows ×:growth.',
        'smaller' => ':area ÷ :print = ×:factor, smaller, :ratio or :percent. The area shrinks to ×:growth.',
        'larger, no ratio' => ':area ÷ :print = ×:factor, larger, :percent. The area grows ×:growth.',
        'smaller, no ratio' => ':area ÷ :print = ×:factor, smaller, :percent. The area shrinks to ×:growth.',
        'both grow' => ':area ÷ :print = ×:factor across, :high ÷ :tall = ×:other down. The area grows ×:growth.',
        'both shrink' => ':area ÷ :print = ×:factor across, :high ÷ :tall = ×:other down. The area shrinks to ×:growth.',
    ],
    'straight edge' => [
        'meets' => 'A straight edge laid through the photo’s corners meets the paper’s far corner.',
        'right' => 'A straight edge laid through the photo’s corners meets the paper’s right edge, :by from its far corner.',
        'bottom' => 'A straight edge laid through the photo’s corners meets the paper’s bottom edge, :by from its far corner.',
    ],
    'two cells' => 'Two cells to keep apart: :print on the print, :paper on the paper.',
];
