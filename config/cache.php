<?php

return [
    'default' => 'array',
];
