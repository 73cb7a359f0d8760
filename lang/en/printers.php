<?php

/* Printers, and how true they print. */
return [
    'name' => 'Give the printer a name of up to 60 letters, to find it by.',
    'both bars' => 'Measure both bars, the one across and the one down.',
    'not measured' => 'Not measured yet: what it prints may be a little short.',
    'true' => 'It keeps the size.',
    'off' => 'It prints :across across and :down down. Every sheet is corrected for that.',
    'by' => ['true' => 'true', 'short' => ':percent % short', 'long' => ':percent % long'],
];
