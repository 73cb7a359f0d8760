<?php

/* How the tones lie in the picture. */
return [
    'most' => 'Most of it is step :step: :share.',
    'scarce' => 'Of step :steps there is hardly anything.',
    'order' => ['the darkest', 'the second darkest', 'the third darkest'],
    'lightest' => 'the lightest',
    'spot' => ['named' => ':Name: step :step, in :cell', 'plain' => 'Step :step, in :cell'],
];
