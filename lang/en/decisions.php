<?php

/* What was decided on each rung, in a few words. */
return [
    'photo' => ['screen' => 'on a screen', 'sizes' => ':size, no photo', 'print' => ':size print', 'within' => ':size of a :print print'],
    'paper' => ['upright' => ':sheet portrait', 'sideways' => ':sheet landscape', 'square' => ':sheet square'],
    'named sheet' => ':sheet, :size',
    'drawn' => [
        'size' => 'Drawing: :size', 'scaled' => ':size, :factor',
        'squares' => ':columns × :rows squares of :side', 'of print' => ':squares, :side on the print, :factor',
    ],
    'both scales' => '×:x by ×:y',
    'fit' => ['scaled' => ':way, :factor', 'stretched' => ':way, :percent %', 'trimmed' => ':way, :share cropped'],
    'grid' => ':columns × :rows, :first–:last',
    'marks' => '{0} the frame only|{1} 1 line to rule|[2,*] :count lines to rule',
    'check' => [
        'nothing' => 'not checked yet',
        'taken' => '{1} 1 length measured|[2,*] :count lengths measured',
        'out' => ':out of :measured out',
        'another size' => 'in proportion, another size',
        'so far' => ':measured of :all lengths right',
        'right' => 'lengths right: :measured',
    ],
];
