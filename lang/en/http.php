<?php

/* Why a request is not carried out, and what the history calls what was. */
return [
    'sizes only' => 'Sizes only',
    'this mark is not' => 'This mark is not made by the drawing as it stands now; it may have been changed elsewhere. Load the page anew to see it.',
    'mark made' => 'mark made',
    'mark taken back' => 'mark taken back',
    'marking out begun again' => 'marking out begun again',
    'there is no print' => 'There is no print to mark: the photo is on a screen, or only its sizes are known.',
    'a paper a ruler' => 'A paper, a ruler or a grid can be kept.',
    'give it a name' => 'Give it a name of up to 60 letters, to find it by.',
    'this file was thrown' => 'This file was thrown away after an hour; make the sheet again.',
    'there is no picture' => 'There is no picture to read tones from; only its sizes are known.',
    'this address is no' => 'This address is no text that can be read.',
    'this drawing is not' => 'This drawing is not here; it may have been put in the bin.',
    'inch ladder is for' => 'Inch Ladder is for this machine alone; open it as 127.0.0.1 or localhost.',
    'say what is to' => 'Say what is to be done by the request’s own method.',
    'only inch ladder’s own' => 'Only Inch Ladder’s own pages may read or change a drawing.',
    'is said once not' => '“:name” is said once, not as a list.',
    'this is no text' => 'This is no text that can be read; type it again.',
    'the choices are missing' => 'The choices are missing.',
    'no script' => 'Inch Ladder needs JavaScript, which is switched off in this browser.',
];
