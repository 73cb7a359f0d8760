<?php

/* What is known of the picture: its shape, how it is held, its size as a print, and whether it has pixels enough. */
return [
    'light' => 'The light comes from :from.',
    'light from' => ['right' => 'the right', 'lower-right' => 'the lower right', 'below' => 'below', 'lower-left' => 'the lower left', 'left' => 'the left', 'upper-left' => 'the upper left', 'above' => 'above', 'upper-right' => 'the upper right'],
    'longer' => [
        'taller' => 'The taller side is the longer: :wide × :high pixels, shape :shape.',
        'wider' => 'The wider side is the longer: :wide × :high pixels, shape :shape.',
        'both' => 'Both sides are as long: :wide × :high pixels, shape :shape.',
    ],
    'held' => ['whole' => 'The photo is :how. Its file stays as it is.', 'cut' => 'The photo is :how, which keeps :share of it. Its file stays as it is.'],
    'quarters' => ['', 'turned a quarter clockwise', 'turned upside down', 'turned a quarter anticlockwise'],
    'mirrored' => 'mirrored',
    'straightened' => ['clockwise' => 'straightened :degrees° clockwise', 'anticlockwise' => 'straightened :degrees° anticlockwise'],
    'part' => 'The print shows :share of the photo: it begins :left from the photo’s left edge and :top from its top. Nothing is stretched.',
    'border' => 'The border, :share of the photo, is no part of the picture: every guide is computed from the picture alone.',
    'screen' => 'On a screen nothing is measured off the photo: the same cells and labels carry it to the paper.',
    'original' => 'The original is :size.',
    'print' => 'Print :size.',
    'print within' => 'Print :size, its picture :picture.',
    'usual' => 'Nearly :size, a usual print, but :across across and :down down. The measured size counts.',
    'difference' => ['none' => 'the same', 'more' => ':off more', 'less' => ':off less'],
    'pixels' => 'A cell has :cell pixels to its side. Printed as large as the drawing there are :dots to the inch.',
    'few' => [
        'print' => 'At this print size the photo has :dots pixels to the inch. Under :least they show. It carries :size well.',
        'print and sheet' => 'At this print size the photo has :dots pixels to the inch. Under :least they show. It carries :size well, or the whole of :sheet.',
        'cell' => 'A cell has only :dots pixels to its side. Under :least they show. Take fewer cells, or crop less.',
        'cell and sheet' => 'A cell has only :dots pixels to its side. Under :least they show. Take fewer cells, or crop less. :sheet is the largest sheet it fills well.',
    ],
    'swapped' => [
        'not yet' => 'A relief print comes out left for right. Mirror the photo now, and all that is planned, marked and copied is as it must stand on the block.',
        'mirrored' => 'The photo is mirrored, as it must stand on the block. The print comes out as the photo was.',
    ],
    'cropped away' => 'cropped away',
    'sides swapped' => 'Width and height are the wrong way round: the photo lies the other way.',
    'mismatch' => 'The print’s shape and the photo’s differ by :percent %. Measure again. If the print was trimmed, say what of the photo it shows.',
];
