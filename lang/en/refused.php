<?php

/* What could not be read, kept or found. */
return [
    'colour profile' => 'Its colour profile cannot be read. Its colours are taken for sRGB, and may look paler or stronger than they are.',
    'changed elsewhere' => [
        'it' => 'This drawing was changed elsewhere meanwhile (it), so this change was not saved over it.',
        'rungs' => 'This drawing was changed elsewhere meanwhile (:steps), so this change was not saved over it.',
    ],
];
