<?php

/*
 * The last list. Each task says what to do and why; what can hurt is said where it is done, and defers to the label
 * and to local rules. What a medium wants is common practice.
 */
return [
    'words' => [
        'open' => '{1} One cell was not copied: copy it, or say that nothing is there.|[2,*] :count cells were not copied: copy them, or say that nothing is there.',
        'doubtful' => 'Look again at :cells.',
        'lengths' => 'Put right, or keep on purpose: :names.',
        'notes' => 'Read your notes on :cells.',
        'shot' => '{0} Photograph the sheet, lit from the side, the whole frame in.|{1} Photograph the sheet as it is now, beside the shot that is kept: lit from the side, the whole frame in.|[2,*] Photograph the sheet as it is now, beside the :count shots that are kept: lit from the side, the whole frame in.',
        'last shot' => 'Photograph it once more, before it is cut or carried over.',
        'light' => 'Take the lines off :cells first.',
        'guides' => 'Lift off :guides.',
        'edges' => 'Lift off the ticks, letters and numbers at the edges, and what was written in the cells.',
        'restate' => 'Restate the lines that the eraser took.',
        'tidy' => 'Deepen the darks, lift the lights, go over the edges once.',
        'trim' => 'If it is trimmed to the drawing: cut at :left and :right from the sheet’s left edge, at :top and :bottom from its top.',
        'lesson' => 'Write down one thing you would do otherwise.',
    ],
    'why' => [
        'open' => 'They are still open in Copy.',
        'doubtful' => 'You flagged them as doubtful.',
        'lengths' => 'They were out when they were measured. Stopping anyway is fine.',
        'notes' => 'You left them for later, and this is later.',
        'shot' => 'The guides and their measures are gone afterwards; the shot is what remains of them.',
        'last shot' => 'What is cut off or traced away is gone; the shot keeps the study and its measures.',
        'light' => 'Nothing is drawn there: a line that is left shows most.',
        'edges' => 'They are the last that anybody looks for, and the first that a mat shows.',
        'restate' => 'Rubbing out a grid fades the drawing with it; do it while the shot is fresh.',
        'over' => 'Now that the guides are off.',
        'tidy' => 'From arm’s length; what only shows close to is done.',
        'trim' => 'Measured from two edges, so that the cut is square to the drawing. Leave a rim where a mat will lie over it.',
        'protect' => 'A finished sheet is smudged more often than spoilt.',
        'lesson' => 'One line is read again; a page is not.',
    ],
    'nothing to cut' => [
        'words' => 'There is nothing to cut: the drawing fills the sheet to its edges.',
        'why' => 'For a mat to lie over a rim, it would have to lie over the drawing.',
    ],
    'cut' => [
        'outside' => 'Outside it fall the letters, numbers and ticks at the edges.',
        'points' => 'So do :names, which were cropped away.',
        'through' => 'It runs through :names.',
        'near' => '“:name” ends :off from the :side cut',
        'beware' => 'Mind the knife: :near.',
    ],
    'more' => ':cells and :count more',
    'guides' => [
        'lines' => '{1} the one line of the grid|[2,*] the :count lines of the grid',
        'diagonals' => ':lines, its diagonals among them',
        'cells' => '{1} the hairlines of one cell|[2,*] the hairlines of :count cells',
        'crosses' => '{1} a focal cross|[2,*] :count focal crosses',
        'axes' => 'the axes and their ticks',
        'frame' => 'the frame, unless it stays',
    ],
    // When the guides come off, and why.
    'off' => [
        'in part' => ['name' => 'cell by cell, before it is shaded', 'why' => 'Take each cell’s lines off with a kneaded eraser before it is shaded: graphite laid over a guide holds it down, and it shows in every light place.'],
        'before tone' => ['name' => 'all at once, before the first tone', 'why' => 'Take all of them off before the first tone, once the lines stand without them: graphite laid over a guide holds it down.'],
        'before medium' => ['ink' => 'before ink', 'watercolour' => 'before the first wash', 'pastel' => 'before pastel', 'coloured pencil' => 'before colour', 'paint' => 'before paint'],
        'at the end' => ['name' => 'at the end', 'why' => 'They stay until the drawing is done, to go by: what lies under tone will not come off any more, so draw them as faint as you can see them.'],
        'never' => ['name' => 'never: they may show', 'why' => 'They stay, and may show: some like to see how a drawing was made.'],
    ],
    // Why they come off before what goes over the pencil.
    'before' => [
        'ink' => 'Take them off before ink: it does not hide what it does not cover.',
        'watercolour' => 'Take them off before the first wash: water fixes graphite for good.',
        'pastel' => 'Take them off before pastel: it does not take where graphite has made the sheet slippery.',
        'coloured pencil' => 'Take them off before colour: wax seals the graphite in, and it greys the light colours.',
        'paint' => 'Take them off before paint, where it will be thin; under thick paint they may stay.',
    ],
    'over' => [
        'ink' => 'Ink it, the lines that are settled first. What pencil is left comes off when the ink is dry through, a day later if it is thick.',
        'watercolour' => 'Lay the first wash. What is under it once it has dried does not come off any more.',
        'pastel' => 'Lay the background first, then the subject: its edges and its colours are judged against it.',
        'coloured pencil' => 'Lay the colours from light to dark; where they are burnished, little takes any more.',
        'paint' => 'Paint. The full-size overlay, laid back on its marks, shows where a feature has drifted.',
    ],
    'protect' => [
        'graphite' => 'Lay a clean sheet over it and keep it flat. A fixative is a matter of taste; try it on a scrap first.',
        'ink' => 'Let it dry for a day; then a clean sheet over it is enough.',
        'watercolour' => 'Let it dry under weights, between clean sheets.',
        'pastel' => 'Tap the loose dust off outdoors, and lay glassine over it. Spray no fixative where pastel must still take.',
        'coloured pencil' => 'Lay a clean sheet over it and keep it flat. A fixative is a matter of taste; try it on a scrap first.',
        'paint' => 'Let it dry as long as the maker says before anything touches it.',
    ],
];
