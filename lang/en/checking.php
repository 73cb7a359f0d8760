<?php

/* What measured lengths and marked points say of the drawing. */
return [
    'passes' => 'What is drawn is :subject: :percent % of a length passes (common practice), and always half a graduation.',
    'subjects' => ['likeness' => 'a likeness', 'figure' => 'a figure', 'still life' => 'a still life', 'buildings' => 'buildings', 'landscape' => 'a landscape'],
    'size' => [
        'all larger' => 'The lengths that were measured keep their proportion to one another: the whole is drawn about :percent % larger, and that is no fault.',
        'all smaller' => 'The lengths that were measured keep their proportion to one another: the whole is drawn about :percent % smaller, and that is no fault.',
        'most larger' => 'Most of the lengths that were measured keep their proportion to one another: the whole is drawn about :percent % larger, and that is no fault.',
        'most smaller' => 'Most of the lengths that were measured keep their proportion to one another: the whole is drawn about :percent % smaller, and that is no fault.',
    ],
    'good enough' => 'Every length passes: this is good enough.',
    'not yet' => '{1} What was measured passes; one length is not measured yet.|[2,*] What was measured passes; :count lengths are not measured yet.',
    'worst' => 'Farthest out is :name: :off. Put it right first, then measure again: it may cure others.',
    'alignment' => [
        'under' => ':second is plumb under :first',
        'over' => ':second is plumb over :first',
        'level' => ':second is level with :first',
        'but for' => ':says, but for :off :side',
        'left' => 'to the left', 'right' => 'to the right', 'above' => 'above', 'below' => 'below',
    ],
    'odd' => [
        'short' => '“:name” is :percent % as long as the others of its name: it points towards you, or away. It looks odd and is right; draw what shows.',
        'slant' => '“:name” slants :degrees° otherwise than the others of its name. It looks odd and is right; draw what shows.',
    ],
    'deviation' => ['right' => 'right to the graduation', 'long' => ':off too long, :share %', 'short' => ':off too short, :share %'],
    'proportion' => ['as long' => 'as long as :other', 'hardly' => 'hardly any of :other', 'of' => ':times of :other', 'times' => ':times times :other', 'exactly' => ':says (:ratio)'],
    'sized' => ['length' => '“:name”', 'width' => 'the width of “:name”', 'height' => 'the height of “:name”', 'gap' => 'the gap between “:name” and “:other”'],
    'pair' => [
        'photo' => ':One is :says',
        'same' => ':photo; on the drawing as well.',
        'long' => ':photo; on the drawing :ratio times: :percent % too long for it.',
        'short' => ':photo; on the drawing :ratio times: :percent % too short for it.',
    ],
    'aligned' => ['same' => 'so on the drawing', 'else' => 'on the drawing :off :side'],
    'meets' => ['plumb' => 'plumb: :names', 'level' => 'level: :names'],
];
