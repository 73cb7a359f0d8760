<?php

/* What comes next for a drawing, as the shelf says it. */
return [
    'paper' => 'Next: choose the paper.',
    'marks' => 'Next: :marks.',
    'cell' => 'Next: copy cell :cell.',
    'pass' => 'Next: the pass “:pass”.',
    'done' => 'Every cell is copied.',
];
