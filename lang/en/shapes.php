<?php

/* Shapes laid over the picture, at paper scale. */
return [
    'centre' => 'centre :x right and :y down in the drawing (on the sheet :left right, :top down)',
    'outside' => 'its centre lies outside the drawing',
    'size' => ':width wide, :height high',
    'level' => 'level',
    'upright' => 'vertical',
    'falls' => 'falls to the right by :degrees°',
    'rises' => 'rises to the right by :degrees°',
];
