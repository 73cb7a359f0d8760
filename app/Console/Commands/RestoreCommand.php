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
        {--of= : The copy to be put back, by its name; else the newest}
        {--anyway : Though photos are missing from the copy}';

    protected $description = 'Put a copy that inch:backup made into an empty data folder';

    protected function answer(): void
    {
        $of = $this->option('of');
        DB::purge();
        $restored = (new Backup((string) config('inch.data'), rtrim((string) $this->argument('folder'), '/')))->restore(is_string($of) ? $of : null, $this->option('anyway') === true);
        // One made by an older version gets what has come since.
        Artisan::call('migrate', ['--force' => true]);
        $this->line($restored->says());
    }
}
