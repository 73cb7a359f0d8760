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
    'spot' => ['named' => ':Name: step :step, in :cell', 'plain' => 'Step :step, in :cell'],
];
