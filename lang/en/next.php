<?php

/* What comes next on a drawing: the name of the button that leads there, and the sentence beside it. */
return [
    'square' => 'square :cell',
    'cell' => 'cell :cell',
    'left' => '{1} 1 mark is left.|[2,*] :count marks are left.',
    'before tone' => 'Check before you shade.',
    'paper' => ['button' => 'Choose the paper', 'says' => 'The paper is next.'],
    'fit' => ['button' => 'Set the fit', 'says' => 'Set the fit next.'],
    'grid' => ['button' => 'Choose the grid', 'says' => 'The grid is next.'],
    'marks' => ['button' => 'See the marks', 'says' => 'The marks are next.'],
    'mark' => ['button' => 'Start marking', 'says' => 'Mark the paper next.'],
    'mark on' => ['button' => 'Continue marking', 'says' => ':marks'],
    'copy' => ['button' => 'Copy :cell', 'says' => 'Next is :cell.'],
    'pass' => ['button' => 'Start :pass', 'says' => 'This pass is done. :pass is next.'],
    'check' => ['button' => 'Photograph the drawing', 'says' => 'Check the drawing next.'],
    'tone' => ['button' => 'Shade the drawing', 'says' => 'Shade the drawing next.'],
    'finish' => ['button' => 'Finish the drawing', 'says' => 'Finish the drawing next.'],
    'rest' => ['button' => 'See my drawings', 'says' => 'This drawing is done.'],
];
