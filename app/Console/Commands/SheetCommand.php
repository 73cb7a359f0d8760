<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\DrawingUnknown;
use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use App\Press\Format;
use App\Press\Order;
use App\Press\SheetImpossible;
use App\Press\SheetKind;

final class SheetCommand extends Planning
{
    protected $signature = 'inch:sheet
        {drawing : The drawing’s id}
        {kind : Which sheet: gridded}
        {--out= : Where to write it; the ending says the format: .pdf, .png or .svg}
        {--at=page : print, page or drawing}
        {--page= : The printer’s paper, like a4, letter or 210x297mm}';

    protected $description = 'Print a drawing’s sheet to a file, true to size';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $kind = (string) $this->argument('kind');
        $out = (string) $this->text('out');

        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        $sheet = (SheetKind::tryFrom($kind) ?? throw SheetImpossible::unknownKind($kind))->sheet();
        $writer = Format::ofFile($out)->writer();
        $bytes = $writer->write($sheet->page($drawing, Order::of((string) $this->text('at'), $this->text('page'))));
        if (@file_put_contents($out, $bytes) !== strlen($bytes)) {
            throw StorageFailed::writing($out);
        }
    }
}
