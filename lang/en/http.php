<?php

/* Why a request is not carried out, and what the history calls what was. */
return [
    'count' => 'A count of sheets is a whole number from 0 to :most. Leave it empty where you do not count.',
    'sizes only' => 'Sizes only',
    'mark unknown' => 'This mark is not made by the drawing as it stands now. It may have been changed elsewhere. Load the page anew to see it.',
    'done' => [
        'mark made' => 'mark made',
        'mark taken back' => 'mark taken back',
        'marking begun again' => 'marking out begun again',
    ],
    'no print' => 'There is no print to mark: the photo is on a screen, or only its sizes are known.',
    'preset' => [
        'kind' => 'A paper, a ruler or a grid can be kept.',
        'name' => 'Give it a name of up to 60 letters, to find it by.',
    ],
    'file thrown away' => 'This file was thrown away after an hour. Make the sheet again.',
    'copied' => ':title, copy',
    'squared' => ':title, squared',
    'as taken' => 'as it was taken',
    'no page found' => 'The edges of the page do not stand out: set its four corners by hand.',
    'no picture' => 'There is no picture to read tones from. Only its sizes are known.',
    'address unreadable' => 'This address is no text that can be read.',
    'drawing unknown' => 'This drawing is not here. It may have been moved to the bin.',
    'not this machine' => 'Inch Ladder is for this machine alone. Open it as 127.0.0.1 or localhost.',
    'not of this house' => 'Inch Ladder is not called by this name. Open it under one of the addresses that the computer shows.',
    'method overridden' => 'Say what is to be done by the request’s own method.',
    'other site' => 'Only Inch Ladder’s own pages may read or change a drawing.',
    'said once' => '“:name” is said once, not as a list.',
    'no text' => 'This is no text that can be read. Type it again.',
    'choices missing' => 'The choices are missing.',
    'no script' => 'Inch Ladder needs JavaScript, which is switched off in this browser.',
];
