<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\DrawingUnknown;
use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\PrintableSheets;
use App\Printing\PrintOptions;
use App\Printing\SheetMaker;
use App\Wording\Say;

final class SheetCommand extends Planning
{
    private const SIGNATURE = 'inch:sheet
        {drawing : The drawing’s id}
        {kind : KINDS}
        {--out= : Where to write it; the ending says the format: .pdf, .png or .svg}
        {--at= : print, page or drawing}
        {--page= : The printer’s paper, like a4, letter or 210x297mm; own makes one page as large as it takes}
        {--border= : What the printer leaves free on each side, like 6mm}
        {--printer= : A printer that is kept, with its correction}
        {--look=photo : photo, grey, outline or tones}
        {--bare : Without labels}
        {--whole : The whole photo, dimmed where it is not drawn}
        {--mirrored : Left and right swapped}
        {--lines : The grid over a picture to trace}';

    protected $description = 'Print a drawing’s sheet to a file, true to size';

    public function __construct()
    {
        // What it can print is told by the one list of it.
        $this->signature = str_replace('KINDS', Say::either(PrintableSheets::keys()), self::SIGNATURE);
        parent::__construct();
    }

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $out = (string) $this->text('out');

        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        $maker = new SheetMaker(PrintableSheets::named((string) $this->argument('kind')), Format::ofFile($out));
        $pages = $maker->pages($drawing, PrintOptions::of([...$this->options(), 'labels' => $this->option('bare') ? '0' : '1'], $drawing->read()->choices->notation->unit));
        foreach ($maker->files($pages, $out) as $file) {
            count($pages) > 1 && $this->line($file);
        }
    }
}
