<?php

/* Colours by their names, how they are laid, and what will not do. What pencils do is common practice. */
return [
    'hue' => [
        'white' => 'white', 'black' => 'black', 'grey' => 'grey', 'pink' => 'pink', 'red' => 'red', 'orange' => 'orange', 'brown' => 'brown', 'yellow' => 'yellow', 'olive' => 'olive', 'yellow green' => 'yellow green',
        'green' => 'green', 'blue green' => 'blue green', 'blue' => 'blue', 'violet' => 'violet', 'purple' => 'purple',
    ],
    'lightness' => ['very light', 'light', 'of middle lightness', 'dark', 'very dark'],
    'strength' => ['', 'greyish', 'muted', 'clear', 'strong'],
    'told' => ['plain' => ':Hue.', 'grey' => ':Hue, :lightness.', 'colour' => ':Hue, :lightness and :strength.'],
    'numbers of grey' => 'L* :l, C* :c',
    'numbers' => 'L* :l, C* :c, h :h°',
    'likeness' => ['same' => 'an eye hardly tells them apart', 'near' => 'near', 'kin' => 'of that family still', 'other' => 'another colour'],
    'alone' => ':name, :how: :likeness (ΔE :off).',
    'two' => ':upper over :under:how: :likeness (ΔE :off).',
    'how' => ['firmly' => 'pressed firmly', 'lightly' => 'laid lightly', 'two lightly' => ', the upper one lightly', 'under lightly' => ', the lower one lightly', 'both lightly' => ', both lightly'],
    'two no nearer' => 'No two of yours over each other come nearer.',
    'no pencils' => 'Name your pencils under Settings, and have their swatches read or pick their colours. Then the nearest of them are told here.',
    'reaches' => ['lighter' => 'Yours is :by lighter than it should be.', 'darker' => 'Yours is :by darker than it should be.'],
    'complement' => 'Across from it: :hue.',
    'grey' => [
        'plain' => 'Plain: :laid',
        'mixed' => 'Of two: :laid',
        'why' => 'Some find plain grey flat beside colours. Grey of two complements leans to one of them, and lives.',
        'none' => 'No two of yours lie across from each other far enough to make grey.',
    ],
    'layer' => [
        'under' => 'under', 'over' => 'over', 'blend' => 'blend', 'burnish' => 'burnish', 'lift' => 'lift', 'groove' => 'groove',
    ],
    'trouble' => [
        'after-burnish' => 'Layer :n comes after burnishing: little takes on it any more.',
        'after-blend' => 'Layer :n comes after blending: it takes less, and what was blended is stirred up.',
        'groove-late' => 'Layer :n grooves what is laid already: a groove keeps white only what it was pressed into bare.',
        'under-late' => 'Layer :n is meant to lie under, and something lies over it already.',
        'nothing-yet' => 'At layer :n there is nothing yet to blend, burnish or lift.',
        'lift-late' => 'Layer :n lifts what was burnished: hardly any of it comes up.',
        'full' => 'With layer :n the tooth is nearly full: what comes after hardly holds.',
    ],
    'background' => [
        'pastel' => 'Background first: an edge is laid over it, and every colour is judged beside it.',
        'ground' => 'Background first: on coloured paper it decides how every colour looks.',
        'crayon' => 'The background goes in along with the subject, if not before. Skin that was matched on white turns wrong beside it.',
    ],
    'ground' => 'Shown on the colour of your paper.',
    'screen' => 'A screen is not a print, and neither is a pencil. Hold the swatch to the paper before you trust it.',
    'state' => ['open' => 'open', 'sketched' => 'sketched in', 'filled' => 'filled', 'final' => 'final'],
    'reach' => [
        'out' => '{1} Step :steps lies beyond what your pencils reach: the darkest, :name, lays L* :l.|[2,*] Steps :steps lie beyond what your pencils reach: the darkest, :name, lays L* :l.',
        'out light' => '{1} Step :steps lies beyond what your pencils reach: the lightest, :name, lays L* :l.|[2,*] Steps :steps lie beyond what your pencils reach: the lightest, :name, lays L* :l.',
        'do' => 'Take a softer one for these. Or set the whole bar to what you reach, and the order of darks is kept.',
        'do light' => 'Take a whiter one for these. Or set the whole bar to what you reach, and the order of lights is kept.',
        'all' => 'Your pencils reach every step.',
        'set' => 'The bar is set to what your pencils reach. The photo’s darks keep their order.',
    ],
    'read' => ['both' => 'firmly :firm, lightly :soft', 'firm' => 'firmly :firm', 'empty' => 'left empty'],
];
