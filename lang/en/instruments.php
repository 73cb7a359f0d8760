<?php

/* Instruments: what needs no drawing. */
return [
    'scale' => [
        'factor' => 'What is 1 on the photo is :factor on the paper: :percent %.',
        'length' => ':photo on the photo is :inches, or :centimetres, on the paper.',
        'part' => ':part of it: :inches, or :centimetres.',
        'back' => 'And :photo on the paper is :inches, or :centimetres, on the photo.',
    ],
    'square' => ['lean' => ['left' => 'Not square: the sides lean :degrees°, as if the lower edge had slid :slid to the left.', 'right' => 'Not square: the sides lean :degrees°, as if the lower edge had slid :slid to the right.'], 'sides' => 'Both diagonals together do not go with these sides: measure the sides again.'],
    'family' => ':source, :letter',
    'fraction' => '“:part” is no part. Write it like 1/3, 2/5 or 0.4.',
];
