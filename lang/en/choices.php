<?php

/* Why a choice cannot be read. */
return [
    'a ruler cannot be' => 'A ruler cannot be 0 long; type its length, like 12 in or 30 cm.',
    'a count is a' => 'A count is a whole number from 1 to :most.',
    'choose one of' => 'Choose one of :known.',
    'that is more than' => 'That is more than :most; take some away first.',
    'ticks cannot be apart' => 'Ticks cannot be 0 apart; try 1 cm or 1/2 in.',
    'this picture is not' => 'This picture is not known; bring it over again.',
    'another picture' => 'another picture',
    'this sheet is not' => 'This sheet is not in the catalogue; choose another, or type its size.',
    'measure this side of' => 'Measure this side of the print, like 7 in or 18 cm.',
    'say how long this' => 'Say how long this side of the original is, like 7 in or 18 cm.',
    'on a screen a' => 'On a screen a border is typed in per cent, like 3 %.',
    'straightening is typed in' => 'Straightening is typed in degrees, like 1.5 or -0.75.',
    'share' => 'A share is a number from :least to :most.',
    'point' => 'point :n',
    'span' => 'span :n',
    'crop' => 'crop :n',
];
