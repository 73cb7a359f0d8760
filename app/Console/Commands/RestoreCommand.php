<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Backup;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

final class RestoreCommand extends Planning
{
    protected $signature = 'inch:restore
        {folder : Where the copies lie}
        {--copy= : The name of the copy to restore. Without it the newest is restored}
        {--without-photos : Restore a copy although photos are missing from it}';

    protected const FORMERLY = ['of' => 'copy', 'anyway' => 'without-photos'];

    protected $description = 'Put a copy that inch:backup made into an empty data folder';

    protected function answer(): void
    {
        $copy = $this->option('copy');
        DB::purge();
        $backup = new Backup((string) config('inch.data'), rtrim((string) $this->argument('folder'), '/'));
        $restored = $backup->restore(is_string($copy) ? $copy : null, $this->option('without-photos') === true);
        // One made by an older version gets what has come since.
        Artisan::call('migrate', ['--force' => true]);
        $this->line($restored->says());
    }
}
