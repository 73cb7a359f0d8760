<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\ArchiveReader;
use App\Archive\ArchiveRefused;

final class ImportCommand extends Planning
{
    protected $signature = 'inch:import {file : A drawing that was exported, a .zip}';

    protected $description = 'Read an exported drawing back';

    protected function answer(): void
    {
        $path = (string) $this->argument('file');
        if (! is_file($path)) {
            throw ArchiveRefused::missing($path);
        }
        $this->line((string) json_encode(['drawing' => app(ArchiveReader::class)->read($path)->id]));
    }
}
