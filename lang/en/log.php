<?php

/* The record of a drawing: its sittings, and what they left open. */
return [
    'none' => 'no time yet',
    'moments' => 'under a minute',
    'minutes' => ':minutes min',
    'hours' => ':hours h',
    'hours and minutes' => ':hours h :minutes min',
    'pass' => ':pass: :through of :of cells',
    'open' => [
        'doubts' => '{1} Flagged: :names.|[2,*] :count flagged: :names.',
        'notes' => '{1} A note on :names.|[2,*] :count notes: on :names.',
        'out' => '{1} A length that does not pass: :names.|[2,*] :count lengths that do not pass: :names.',
        'missing' => '{1} Not ticked in this pass: :names.|[2,*] :count things not ticked in this pass: :names.',
    ],
    'caution' => ['early detail' => 'detail before what holds it stands', 'check before tone' => 'the check before tone'],
    'asked' => [
        'rung' => 'Say at which step it was worked, by its key.', 'pass' => 'A pass is place, refine or detail.', 'seconds' => 'Work is told in seconds, 1 to :most at a time.',
        'lesson' => 'A lesson is one line of up to :most characters.',
    ],
];
