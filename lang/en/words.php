<?php

/* The words on packets and tools. What a grade or a tool is good for is common practice. */
return [
    'grades' => [
        'very-hard' => 'pale and sharp. It grooves soft paper, and grooves take no tone',
        'hard' => 'guides on hard, smooth paper, and light tones',
        'middle' => 'placing and contours. It comes off well',
        'soft' => 'tones and dark lines. It smears under the hand',
        'very-soft' => 'the darkest darks, broad. It needs a guard sheet and much sharpening',
    ],
    'leads' => [
        'grade' => 'How hard a lead is and how thick it is are two things: a 2B comes in every thickness.',
        'fine' => '0.3, 0.5, 0.7 and 0.9 mm: mechanical pencils, as thin as they say. The sizes are of ISO 9177 (from memory).',
        'clutch' => '2 mm: clutch pencils, pointed like wood.',
        'stick' => '5.6 mm and graphite sticks: areas, on the side.',
    ],
    'weight' => [
        'grams' => ':grams g a square metre (grammage, ISO 536): the same whatever the sheet.',
        'pounds' => ':pounds lb :basis: 500 sheets of :sheet weigh that much. The same number of another kind is another paper.',
        'also' => 'The same paper is :others.',
        'of' => ':pounds lb :basis',
    ],
    'basis' => ['bond' => 'bond', 'text' => 'text', 'cover' => 'cover', 'bristol' => 'bristol', 'index' => 'index', 'imperial' => 'watercolour (imperial)'],
    'tools' => [
        'kneaded' => ['name' => 'kneaded eraser', 'is' => 'pressed on and lifted, it takes tone off without rubbing', 'instead' => 'a soft white eraser, dabbed, or a crumb of fresh bread'],
        'stump' => ['name' => 'paper stump', 'is' => 'blends small areas', 'instead' => 'a paper tissue rolled tight. Not the finger: its oil stays'],
        'dividers' => ['name' => 'proportional dividers', 'is' => 'carry a distance over at a ratio', 'instead' => 'a strip of paper, marked and folded'],
        'square' => ['name' => 'set square', 'is' => 'a true right angle', 'instead' => 'the corner of a fresh sheet of card, once it is proved true'],
        'tape' => ['name' => 'low-tack tape', 'is' => 'holds the sheet, and comes off without its surface', 'instead' => 'tape dulled on cloth first. Try it on a scrap'],
        'glassine' => ['name' => 'glassine', 'is' => 'smooth guard sheet that takes no pastel', 'instead' => 'baking paper'],
        'plumb' => ['name' => 'plumb line', 'is' => 'a true vertical', 'instead' => 'a thread with a key on it'],
        'window' => ['name' => 'card with a window', 'is' => 'shows one cell and hides the rest', 'instead' => 'two corners of card, held together with clips'],
        'lightbox' => ['name' => 'light box', 'is' => 'shows the study through the final sheet', 'instead' => 'a window by day'],
    ],
];
