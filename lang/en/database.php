<?php

/* What a failing database means, and what helps. */
return [
    'busy' => 'Something else is being saved and takes long; this is tried again by itself. Nothing was lost.',
    'readonly' => 'The database file may only be read, so nothing can be saved; give yourself the right to write it, then try again. Nothing was lost.',
    'full' => 'The disk is full, so this was not saved. Free some room on it: empty the bin of Inch Ladder’s shelf, or take away what else fills it; then it is saved by itself. What was saved before is safe.',
    'damaged' => 'The database file is damaged. End Inch Ladder and start it again: the damaged file is put aside, never thrown away, and what can be read of it is taken over. Photos are kept apart and are safe.',
    'missing' => 'The database file is missing; put it back where it was, or run ./bin/start again for a new one. Photos are kept apart and are safe.',
];
