<?php

/* What measured lengths and marked points say of the drawing. */
return [
    'passes' => 'What is drawn is :subject: :percent % of a length passes (rule of thumb), and always half a ruler division.',
    'subjects' => ['likeness' => 'a likeness', 'figure' => 'a figure', 'still life' => 'a still life', 'buildings' => 'buildings', 'landscape' => 'a landscape'],
    'size' => [
        'all larger' => 'Proportions are right. Your drawing is about :percent % larger: nothing to fix.',
        'all smaller' => 'Proportions are right. Your drawing is about :percent % smaller: nothing to fix.',
        'most larger' => 'Most measured lengths keep their proportions. Your drawing is about :percent % larger: nothing to fix.',
        'most smaller' => 'Most measured lengths keep their proportions. Your drawing is about :percent % smaller: nothing to fix.',
    ],
    'good enough' => 'Every length passes: this is good enough.',
    'not yet' => '{1} What was measured passes. One length is not measured yet.|[2,*] What was measured passes. :count lengths are not measured yet.',
    'worst' => 'Farthest out is :name: :off. Put it right first, then measure again: it may cure others.',
    'alignment' => [
        'under' => ':second is plumb under :first',
        'over' => ':second is plumb above :first',
        'level' => ':second is level with :first',
        'but for' => ':says, but for :off :side',
        'left' => 'to the left', 'right' => 'to the right', 'above' => 'above', 'below' => 'below',
    ],
    'odd' => [
        'short' => '“:name” is :percent % as long as the others of its name: it points towards you, or away. It looks odd and is right. Draw what shows.',
        'slant' => '“:name” slants :degrees° otherwise than the others of its name. It looks odd and is right. Draw what shows.',
    ],
    'deviation' => ['right' => 'right to the ruler division', 'long' => ':off too long, :share %', 'short' => ':off too short, :share %'],
    'proportion' => ['as long' => 'as long as :other', 'hardly' => 'hardly any of :other', 'of' => ':times of :other', 'times' => ':times times :other', 'exactly' => ':says (:ratio)'],
    'sized' => ['length' => '“:name”', 'width' => 'the width of “:name”', 'height' => 'the height of “:name”', 'gap' => 'the space between “:name” and “:other”'],
    'pair' => [
        'photo' => ':One is :says',
        'same' => ':photo. On the drawing as well.',
        'long' => ':photo. On the drawing :ratio times: :percent % too long for it.',
        'short' => ':photo. On the drawing :ratio times: :percent % too short for it.',
    ],
    'aligned' => ['same' => 'so on the drawing', 'else' => 'on the drawing :off :side'],
    'meets' => ['plumb' => 'plumb: :names', 'level' => 'level: :names'],
];
