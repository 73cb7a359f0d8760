<?php

/* Why a choice cannot be read. */
return [
    'thing' => 'Thing :n',
    'shape' => ['oval' => 'oval :n', 'box' => 'box :n', 'triangle' => 'triangle :n', 'unreadable' => 'Where “:name” lies could not be read. Draw it again.'],
    'outline unreadable' => 'The outline of “:name” could not be read. Draw it again.',
    'drawn of nothing' => 'A length on your drawing is more than 0. Measure it again, or leave the field empty.',
    'ruler of nothing' => 'A ruler is 1 in (2.5 cm) long or more. Type its length, like 12 in or 30 cm.',
    'count' => 'A count is a whole number from 1 to :most.',
    'straight' => 'Outlines are straightened by 0 to :most steps.',
    'one of' => 'Choose one of :known.',
    'too many' => 'That is more than :most. Take some away first.',
    'ticks of nothing' => 'Ticks cannot be 0 apart. Try 1 cm or 1/2 in.',
    'picture unknown' => 'This picture is not known. Bring it over again.',
    'another picture' => 'another picture',
    'sheet unknown' => 'This sheet is not in the catalogue. Choose another, or type its size.',
    'side of the print by its shape' => 'Measure this side of the print. One that shows the whole photo is about :about.',
    'side of the print' => 'Measure this side of the print, like 7 in or 18 cm.',
    'side of the original' => 'Say how long this side of the original is, like 7 in or 18 cm.',
    'border on a screen' => 'On a screen a border is typed in per cent, like 3 %.',
    'degrees' => 'Straightening is typed in degrees, like 1.5 or -0.75.',
    'share' => 'A share is a number from :least to :most.',
    'point' => 'point :n',
    'span' => 'span :n',
    'crop' => 'crop :n',
    'correction unreadable' => 'What was set right by hand cannot be read.',
    'shot between' => 'Corners of a part lie at least a tenth of the side apart. The second is below and to the right of the first.',
    'shot unreadable' => 'A drawing photo has four corners and places in shares of it, like 0.25 0.5. This one’s cannot be read.',
    /* What a step changed, as undo names it. */
    'begun' => 'begun',
    'part' => [
        'title' => 'the title', 'unit' => 'the unit', 'ruler' => 'the ruler', 'reach' => 'the ruler’s length', 'photo' => 'the photo', 'paper' => 'the paper', 'fit' => 'the fit', 'grid' => 'the grid',
        'copy' => 'how it is copied', 'tone' => 'the tones', 'finish' => 'the finishing checklist', 'points' => 'the key points', 'regions' => 'the areas', 'things' => 'the things', 'spans' => 'the lengths',
        'beside' => 'the picture beside', 'crops' => 'the kept crops', 'pinned' => 'the pinned notes', 'shots' => 'the drawing photos', 'meant' => 'what is meant to differ', 'related' => 'what meets and goes behind',
        'strokes' => 'how strokes run', 'shapes' => 'the shapes',
    ],
];
