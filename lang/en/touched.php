<?php

/* What a change touches of what was done already. */
return [
    'change' => 'By this change :what.',
    'marks' => '{1} one mark that was made now lies elsewhere|[2,*] :count marks that were made now lie elsewhere',
    'cells' => '{1} one cell that was done is no whole cell any more|[2,*] :count cells that were done are no whole cells any more',
    'cropped away' => '{1} :points is cropped away|[2,*] :points are cropped away',
];
