<?php

/* Of what the halves, thirds and quarters are. */
return [
    'photo across' => 'photo, across',
    'photo down' => 'photo, down',
    'photo cell across' => 'a cell of the photo, across',
    'photo cell down' => 'a cell of the photo, down',
    'drawing across' => 'drawing, across',
    'drawing down' => 'drawing, down',
    'paper cell across' => 'a cell of the paper, across',
    'paper cell down' => 'a cell of the paper, down',
];
