<?php

/* What comes next for a drawing, as the shelf says it. */
return [
    'low' => '{0} No sheet of :name is left.|{1} One sheet of :name is left.|[2,*] :count sheets of :name are left.',
    'sheet' => ':width × :height',
    'paper' => 'Next: choose the paper.',
    'marks' => 'Next: :marks.',
    'cell' => 'Next: copy cell :cell.',
    'pass' => 'Next: the pass “:pass”.',
    'done' => 'Every cell is copied.',
];
