<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\ArchiveWriter;
use App\Exceptions\DrawingUnknown;
use App\Exceptions\StorageFailed;
use App\Models\Drawing;

final class ExportCommand extends Planning
{
    protected $signature = 'inch:export
        {drawing : The drawing’s id}
        {--out= : Where to write it, a .zip}';

    protected $description = 'Write a drawing as one open file';

    protected function answer(): void
    {
        $id = (string) $this->argument('drawing');
        $drawing = Drawing::query()->find($id) ?? throw DrawingUnknown::named($id);
        app(ArchiveWriter::class)->write($drawing, $this->text('out') ?? throw StorageFailed::writing('--out'));
    }
}
