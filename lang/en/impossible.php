<?php

/* Why something cannot be: by its exception, the reason it gives. Each says what was wrong, the limit, and what would work. */
return [
    'DiagonalsImpossible' => [
        'no such frame' => 'No frame of this size has such a diagonal. It should be near :diagonal. Measure both again, corner to corner.',
    ],
    'CountOutOfRange' => [
        'too few columns' => 'A grid needs at least 1 of its columns. Choose 1 to :most.',
        'too few rows' => 'A grid needs at least 1 of its rows. Choose 1 to :most.',
        'too many columns' => ':count columns are more than can be ruled and told apart. The limit is :most a side, so choose fewer or larger cells.',
        'too many rows' => ':count rows are more than can be ruled and told apart. The limit is :most a side, so choose fewer or larger cells.',
        'too many ticks' => 'That makes :count ticks on one axis. The limit is :most, so set them further apart.',
    ],
    'FoldsOdd' => [
        'not by halves' => 'Folding gives 2, 4, 8 or 16 parts, not :parts. For other counts take equal parts.',
    ],
    'CellTooLarge' => [
        'longer than the side' => 'A cell of :cell is longer than the side it must divide, :side. Choose a smaller one.',
        'too many for the paper' => ':wanted cells of this size do not fit along the paper. :fit do. Or choose a smaller cell.',
        'too many for the print' => ':wanted cells of this size do not fit along the print. :fit do. Choose a smaller cell on the print, or fewer of them.',
        'nothing' => 'A cell cannot be 0 long. Try 1 in or 2 cm.',
    ],
    'SwatchesUnreadable' => [
        'no page' => 'No page of swatches is seen on this photograph. Take in the whole page on a darker table, with its row of black squares.',
        'another drawing' => 'This is the swatch sheet of another drawing. Read it there, or print the one of this drawing.',
        'other pencils' => 'Pencils were added or deleted since this page was printed. Print it anew, so that each box is of the pencil it says.',
        'no wedge' => 'The printed greys cannot be told apart on this photograph. Take it in even light, without flash and sharp, with all of them in.',
        'no pencils' => 'There is no pencil on your list yet. Name yours first, then the page has a pair of boxes for each.',
        'too many pencils' => 'A list of swatches can have :most pencils. Delete those you do not draw with.',
    ],
    'OnlySheet' => [
        'only one' => 'This is the only sheet of its drawing, and stays. Move the whole drawing to the bin instead.',
        'too many' => 'A drawing has up to :most sheets. Take one away first.',
    ],
    'PencilUnusable' => [
        'no name' => 'Give the pencil a name of 1 to 60 letters, as it is printed on it.',
        'same name' => 'There is a pencil called “:name” on your list already. Give this one another name.',
        'no run' => '“:text” is no run of pencils. Write it from the lower number to the higher, with up to :most of them, like 1 to 24.',
        'no kind' => 'A pencil is graphite, a coloured pencil, or pastel.',
        'no colour' => '“:text” is no colour. Pick one, or leave it open.',
        'too many' => 'Your list holds :most pencils. Delete one first.',
    ],
    'StepsOutOfRange' => [
        'not to be told apart' => ':steps steps cannot be told apart, or tell nothing apart. Choose :least to :most.',
    ],
    'WeightUnreadable' => [
        'no weight' => '“:text” is no weight of paper. Write it like 240 g or 70 lb.',
        'no paper' => 'Paper to draw on weighs from 5 to 3000 g a square metre. Try 240 g, or 70 lb.',
    ],
    'ShapeFlat' => [
        'flat' => '“:name” has no width or no height. Draw its long axis first, then a place on its side, off that line.',
    ],
    'LightNowhere' => [
        'nowhere' => 'Light falls from one place to another: draw it from where it comes, the way it falls.',
    ],
    'RatioUnreadable' => [
        'no shape' => '“:text” is not a shape. Write it like 4:5, 1.5, 8x10in, or a sheet’s name like a4.',
    ],
    'InsetTooLarge' => [
        'beyond the paper' => 'The paper takes the whole photo at :most at most. Choose a smaller size, or a larger sheet.',
        'too small' => 'That is too small to draw. The whole photo can be drawn from a twentieth of :widest wide.',
    ],
    'PrintSizeImpossible' => [
        'no print' => 'A print has sides from 1 mm to 20 m. Measure it again, in the unit shown.',
        'nothing' => 'A print cannot be 0 long. Measure its two sides, like 5 in and 7 in, or say that you work from a screen.',
    ],
    'BorderTooWide' => [
        'no picture left' => 'This border leaves no picture. At least a tenth of the width and of the height must be inside it.',
        'outside' => 'A border cannot be less than nothing. Type how much of each side is not picture, like 1/4 in or 3 %.',
    ],
    'TooSteep' => [
        'too steep' => 'Straightening by :degrees° is more than the :most° that leave a picture. Turn the photo by a quarter first.',
    ],
    'CalibrationImpossible' => [
        'too far off across' => 'The bar across is :bar_mm mm long. A printer is off by a few in a hundred, not by a fifth. Measure it again, and see that the page was not printed two to a sheet.',
        'too far off down' => 'The bar down is :bar_mm mm long. A printer is off by a few in a hundred, not by a fifth. Measure it again, and see that the page was not printed two to a sheet.',
    ],
    'BorderImpossible' => [
        'too wide' => 'The printer’s border is from 0 to under a quarter of its paper, :most_mm mm here. Most printers leave about 6 mm.',
    ],
    'PrinterPaperUnknown' => [
        'unknown' => '“:name” is not a printer’s paper. Give a name like a4 or letter, or a size like 210x297mm.',
    ],
    'MarginsEatSheet' => [
        'no room left' => 'These margins leave no room to draw on a sheet of :sheet. At least 1 cm must stay each way, so take something off them.',
    ],
    'SheetSizeOutOfBounds' => [
        'no sheet' => 'A side of :side_cm cm cannot be drawn on. A sheet has sides from 1 cm (3/8 in) to 20 m (65 ft).',
    ],
    'OffTheSheet' => [
        'from the left' => 'There the drawing would run off the sheet. From the left edge it may lie 0 to :most.',
        'from the top' => 'There the drawing would run off the sheet. From the top edge it may lie 0 to :most.',
    ],
    'SheetUnknown' => [
        'unknown' => 'No sheet is called “:name”. Give a name like letter or a3, or a size like 30x42cm.',
    ],
    'ThingWithoutSize' => [
        'without size' => '“:name” has no width or no height. Draw its box or its outline from one side to the other.',
    ],
    'SpanWithoutLength' => [
        'nowhere' => '“:name” begins and ends at the same place. Draw it from one end to the other.',
    ],
    'RulerUnknown' => [
        'unknown' => 'No ruler is marked in “:text”. Choose one of :known.',
        'in another unit' => 'A ruler marked in :ruler does not read :unit. A drawing keeps to one unit, so use :common or change the unit.',
    ],
    'LengthUnreadable' => [
        'no length' => '“:text” is not a length. Write it like 8 1/2 in, 21 cm or 210 mm.',
        'missing' => 'A length is missing. Write it like 8 1/2 in, 21 cm or 210 mm.',
        'less than nothing' => '“:text” is less than nothing. A length here starts at 0.',
        'too long' => '“:text” is longer than a kilometre. See that its unit and its point are where they belong.',
        'divided by nothing' => '“:text” divides by nothing. Write a fraction like 8 1/2 in.',
        'two ways' => '“:text” can be read two ways. Write :thousands or :decimals.',
        'half said' => '“:text” says a unit for one side only. Say it for both, like 2 ft x 3 ft 6 in.',
    ],
    'NoPlan' => [
        'under all demands' => 'No squares meet all these conditions. Without :helps there are some.',
        'nor with one let go' => 'No squares meet these conditions. Remove more than one of them.',
        'not at all' => 'No squares suit this photo and paper with :percent % cropped at most. Try other margins or another sheet. Some subjects may be cropped more.',
    ],
    'CellUnknown' => [
        'named' => 'There is no cell :cell. This grid’s go from :first to :last.',
        'of another mesh' => 'The grid was changed elsewhere meanwhile. What was noted of a cell of the :mesh grid before could not be kept. Note it again.',
        'unknown' => 'There is no cell :column in, :row down. This grid has :columns columns and :rows rows.',
    ],
    'ChoicesUnreadable' => [
        'damaged' => 'What was kept of this drawing is damaged and cannot be read. Undo goes back to how it was before.',
    ],
    'DrawingUnknown' => [
        'unknown' => 'There is no drawing “:id”. The command inch:new prints the id of each it begins.',
    ],
    'DeviceUnknown' => [
        'unknown' => 'No paired device is called “:which”. The command inch:devices lists them.',
        'ambiguous' => ':count devices are called “:which”. Say which by its id (inch:devices lists them).',
    ],
    'StorageFailed' => [
        'photo' => 'The photo could not be saved. Check that the data folder can be written to, then add the photo again.',
        'photo, disk full' => 'The photo could not be saved because the disk is full. Free some space, then add the photo again.',
        'picture' => 'A working picture could not be made. Check that the data folder can be written to, then try again. Your photo is safe.',
        'picture, disk full' => 'A working picture could not be saved because the disk is full. Free some space, then try again. Your photo is safe.',
        'file' => '“:path” could not be written. Check that its folder exists and that you may write to it.',
        'file, disk full' => '“:path” could not be written because the disk is full. Free some space, then try again.',
    ],
    'OriginalLost' => [
        'missing' => 'The photo’s own file is missing from the data folder, so nothing can be made from it. Put it back, or bring the same photo over again. The drawing and its marks are kept.',
        'changed' => 'The photo’s own file was shortened or changed in the data folder, so nothing is made from it. Bring the same photo over again. The drawing and its marks are kept.',
    ],
    'BackupImpossible' => [
        'no data' => 'There is no database in :data. There is nothing to copy.',
        'nothing there' => 'There is no copy in :folder. Make one with inch:backup.',
        'unknown' => 'There is no copy called “:name”. There are :there.',
        'damaged' => 'The copy “:name” is damaged. Nothing was restored. Choose another copy with --copy=NAME.',
        'not empty' => ':data holds drawings or settings. Nothing was restored over them. Choose an empty folder with INCH_DATA=DIR.',
        'unreadable' => 'The database in :data cannot be read. It may hold drawings, so nothing was restored over it. Choose an empty folder with INCH_DATA=DIR.',
        'photos lost' => ':count of :of photos are missing from the copy “:name” or damaged. Nothing was restored. Choose another copy with --copy=NAME, or restore the rest with --without-photos.',
    ],
    'NoteKeyReused' => [
        'reused' => 'Another note was sent under this key. This one was not saved. Note it again.',
    ],
    'PutAsideUnknown' => [
        'none' => 'No damaged database waits to be taken over, so there is no “:name”.',
        'unknown' => 'No damaged database called “:name” waits. There are :waiting.',
    ],
    'DatabaseUnusable' => [
        'locked' => 'Another program holds the database :file. Close that program, then start again. The database was not changed.',
        'full' => 'The disk is full, so the database :file cannot be opened. Free some space, then start again. The database was not changed.',
        'unreadable' => 'The database :file cannot be opened (:said). Check the disk and your rights to the file. The database was not changed.',
        'newer' => 'The database :file was written by a newer version of Inch Ladder. Start that version. The database was not changed.',
        'not copied' => 'This version changes the database, and :file could not be copied first. Free some space on the disk, then start again. The database was not changed.',
    ],
    'PairingRefused' => [
        'wrong' => 'This code opens nothing. A code lives five minutes and works once. Make a new one on the computer.',
        'closed' => 'Too many wrong codes were typed. Wait :minutes min, then make a new one on the computer.',
        'nameless' => 'Give the device a name of up to 60 letters, to know it by.',
    ],
    'PhotoRefused' => [
        'no such file' => 'There is no file “:path”. Check its name and its folder.',
        'missing' => 'No photo came with this. Choose a JPEG, PNG, WebP or HEIC file.',
        'empty' => 'This file is empty (0 bytes). Choose the photo again, or copy it anew from where it came.',
        'too heavy' => 'This file is larger than 64 MB. Save the photo as a JPEG of good quality, and it will fit.',
        'not a picture' => 'This file is not a picture that can be read here. Choose a JPEG, PNG, WebP or HEIC photo.',
        'cut short' => 'This photo is cut short: its end is missing. Copy it again from the camera or phone, and drop it anew.',
        'too many pixels' => 'This picture unfolds to :wide × :high pixels. The limit is 120 megapixels, so save a smaller copy.',
        'too small' => 'This picture is :wide × :high pixels. It needs at least 64 on its shorter side to be copied from.',
        'too long' => 'This picture is :wide × :high pixels. The limit is 30,000 on the longer side, so crop or shrink it first.',
    ],
    'ArchiveRefused' => [
        'no such file' => 'There is no file “:path”. Check its name and its folder.',
        'missing' => 'No file came with this. Choose a drawing that was exported, a .zip.',
        'not an archive' => 'This file is not a drawing that was exported: it is no zip, or a damaged one. Export it again, and bring that.',
        'too large' => 'This archive unfolds to more than a drawing can hold. Nothing of it was taken in.',
        'hostile' => 'There is something in this archive that does not belong in a drawing (“:name”). Nothing of it was taken in.',
        'damaged' => '“:name” in this archive is damaged or missing. Export the drawing again, and bring that. Nothing was taken in.',
        'newer' => 'This drawing was exported by a newer Inch Ladder (document :version). This one reads up to :most. Update it first.',
        'unreadable' => 'The choices in this archive cannot be read: :sentence',
    ],
    'SheetImpossible' => [
        'no shot' => 'There is no drawing photo that can be laid flat. Photograph it on the Check step first.',
        'no print size' => 'This drawing works from a screen, so there is no print size. Fit the sheet to a page, or give the print’s size on the Photo step.',
        'unknown ending' => '“:path” should end in .pdf, .png or .svg.',
        'unknown kind' => 'There is no sheet called “:kind”. There is: :keys.',
        'unknown size' => '“:at” is not a size for a sheet. Choose print, page or drawing.',
        'unknown printer' => 'No printer is kept under the name “:name”.',
        'unknown look' => '“:look” is not a look to print. Choose photo, grey, outline or tones.',
        'page too small' => 'This sheet does not fit inside the printer’s border. Choose larger paper.',
        'too many pages' => 'This would be :count pages. A pack has :most at most. Choose larger paper for the printer, or have it printed on one page.',
        'too many files' => 'This would be :count files of :name. :most are made at once at most. Take one PDF instead, or choose larger paper for the printer.',
        'cell too large' => 'A window of one cell, :size, and the card round it do not fit on this paper. Choose larger paper, or a finer grid.',
        'no such page' => 'There is no page :page. The sheet has :count.',
    ],
    'CameraMisset' => [
        'unknown' => 'There is no key point or thing called “:name” to be moved. There are: :known.',
        'nothing to move' => 'There is nothing called “:name” to be moved: this drawing has no key points or things yet.',
        'option' => '“:typed” is no :option. Give it as :like.',
        'nothing to draw' => 'This drawing has sizes only. The simulated camera needs a picture to draw from.',
    ],
    'CornersUnusable' => [
        'too few' => 'A sheet has four corners. Mark all of them.',
        'on a line' => 'Three of the corners lie on one line. A sheet seen like that cannot be measured. Set each grip on its own corner.',
        'crossed' => 'The corners go round in the wrong order. They go clockwise from the top left as it is drawn.',
        'outside' => 'A corner lies far outside the drawing photo. The whole sheet has to be on it.',
        'unreadable' => 'Corners are four places in pixels, clockwise from the top left: --corners="120,90 1900,140 1850,2500 80,2400".',
    ],
    'SheetNotFound' => [
        'anywhere' => 'No sheet is seen on this photo. Lay the drawing on something darker and take all of it in. Or set the four corners by hand.',
        'too small' => 'The sheet is so small on this photo that nothing on it can be measured. Take a picture of 1,500 pixels across the sheet or more.',
    ],
    'LengthOfNothing' => [
        'to scale by' => 'Nothing can be scaled by a length of 0. Measure the same thing on the photo and on the paper.',
    ],
];
