<?php

/* What My drawings says beside a drawing. */
return [
    'low' => '{0} No sheet of :name is left.|{1} One sheet of :name is left.|[2,*] :count sheets of :name are left.',
    'sheet' => ':width × :height',
];
