<?php

/* Named things: how large they are on the paper, how far out they reach, where they leave the picture. */
return [
    'size' => ':wide % of the width, :high % of the height: :size',
    'extreme' => ['top' => 'highest :at', 'right' => 'rightmost :at', 'bottom' => 'lowest :at', 'left' => 'leftmost :at'],
    'in cell' => 'in :cell, :off from the drawing’s :edge',
    'beside' => ':off from the drawing’s :edge, beside the grid',
    'by box' => ['column' => 'in column :n, :off from the drawing’s :edge', 'row' => 'in row :n, :off from the drawing’s :edge'],
    'from' => ['left' => 'left edge', 'top' => 'top edge'],
    'out' => 'beyond the crop',
    'leaves' => '{1} meets the :side edge :at from :from|[2,*] leaves through the :side edge and comes back, :at from :from',
    'near' => ':gap short of the :side edge: let it touch, or keep well clear',
    'touches' => 'touches the :side edge',
];
