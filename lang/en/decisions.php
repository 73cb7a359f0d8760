<?php

/* What was decided on each rung, in a few words. */
return [
    'photo' => ['screen' => 'on a screen', 'sizes' => ':size, no photo', 'print' => ':size print', 'within' => ':size of a :print print'],
    'paper' => ['upright' => ':sheet, upright', 'sideways' => ':sheet, sideways', 'square' => ':sheet, square'],
    'both scales' => '×:x by ×:y',
    'fit' => ['scaled' => ':way, :factor', 'stretched' => ':way, :percent %', 'trimmed' => ':way, :share trimmed'],
    'grid' => ':columns by :rows, :first–:last',
    'marks' => '{0} the frame only|{1} 1 line to rule|[2,*] :count lines to rule',
    'check' => [
        'nothing' => 'nothing compared yet',
        'taken' => '{1} 1 length taken|[2,*] :count lengths taken',
        'out' => ':out of :measured out',
        'another size' => 'in proportion, another size',
        'so far' => ':measured of :all measured, right so far',
        'right' => ':measured measured, all right',
    ],
];
