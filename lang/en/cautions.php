<?php

/* What can hurt. Each defers to the label, to local rules, and to people trained for it. */
return [
    'knife' => 'Knife: cut on a mat, along a metal edge, fingers back, away from the hand that holds. A fresh blade needs least force. Children have a grown-up cut.',
    'gouge' => 'Gouge: cut away from the hand that holds, with the block against a stop. Keep it sharp. Children have a grown-up beside them.',
    'points' => 'Points of dividers and needles prick paper and fingers: lay dividers down closed, points in a cork.',
    'fixative' => 'Fixative: spray outdoors or at an open window, never towards a face or a flame. Read the can, and follow it and your local rules.',
    'dust' => 'Pastel dust: do not blow it. Wipe it up damp, and wash your hands before you eat.',
    'solvent' => 'Solvents and varnish: air the room, keep them from flames and children, and follow the label and your local rules.',
    'magnets' => 'Strong magnets snap shut and pinch: keep them from children, from cards, and from pacemakers. Ask a doctor if you wear one.',
    'height' => 'Height: draw from a step or a scaffold made for it, on level ground, with somebody by. Local rules and people trained for it have the last word.',
];
