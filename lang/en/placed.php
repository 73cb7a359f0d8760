<?php

/* What could not follow when the picture or the crop was changed. */
return [
    'part' => 'The part under the grid lies outside the crop now. It comes back with the crop, or by undo.',
    'divided' => '{1} The cell cut finer, :cells, lies outside the crop now. Undo brings it back.|[2,*] The cells cut finer, :cells, lie outside the crop now. Undo brings them back.',
];
