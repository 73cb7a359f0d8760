<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\DrawingUnknown;
use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\PrintableSheets;
use App\Printing\PrintOptions;
use App\Printing\SheetMaker;

final class SheetCommand extends Planning
{
    protected $signature = 'inch:sheet
        {drawing : The drawing’s id}
        {kind : KINDS}
        {--out= : Where to write it; the ending says the format: .pdf, .png or .svg}
        {--at= : print, page or drawing}
        {--page= : The printer’s paper, like a4, letter or 210x297mm; own makes one page as large as it takes}
        {--border= : What the printer leaves free on each side, like 6mm}
        {--printer= : A printer that is kept, with its correction}
        {--look=photo : LOOKS}
        {--no-labels : Without labels}
        {--whole-photo : The whole photo, pale where it is not drawn}
        {--mirrored : Left and right swapped}
        {--with-grid : The grid over a picture to trace}';

    protected const FORMERLY = ['bare' => 'no-labels', 'whole' => 'whole-photo', 'lines' => 'with-grid'];

    protected $description = 'Print a drawing’s sheet to a file, true to size';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $out = (string) $this->text('out');

        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        $asked = [
            ...$this->options(),
            'labels' => $this->option('no-labels') ? '0' : '1',
            'whole' => $this->option('whole-photo'),
            'lines' => $this->option('with-grid'),
        ];
        $maker = new SheetMaker(PrintableSheets::named((string) $this->argument('kind')), Format::ofFile($out));
        $pages = $maker->pages($drawing, PrintOptions::of($asked, $drawing->read()->choices->notation->unit));
        foreach ($maker->files($pages, $out) as $file) {
            count($pages) > 1 && $this->line($file);
        }
    }
}
