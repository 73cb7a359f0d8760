<?php

/* What a failing database means, and what helps. */
return [
    'busy' => 'Something else is being saved. Inch Ladder tries again automatically. Nothing was lost.',
    'readonly' => 'The database file is read-only, so nothing can be saved. Give yourself the right to write it, then try again. Nothing was lost.',
    'full' => 'The disk is full, so this was not saved. Empty the bin on My drawings, or free other space. It is saved then automatically.',
    'disk' => 'The disk could not be read or written, so this was not saved. Check the disk, then try again.',
    'damaged' => 'The database file is damaged. Stop Inch Ladder and start it again. It then saves what can be read. Your photos are safe.',
    'missing' => 'The database file is missing. Put it back, or run ./bin/start for a new one. Your photos are safe.',
];
