<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Backup;

final class BackupCommand extends Planning
{
    protected $signature = 'inch:backup
        {folder : Where the copies lie}
        {--nightly : Only when there is none of this night yet}';

    protected $description = 'Copy the database and the photos elsewhere, while the app is in use; the last seven are kept';

    protected function answer(): void
    {
        $backup = new Backup((string) config('inch.data'), rtrim((string) $this->argument('folder'), '/'));
        if ($this->option('nightly') === true && $backup->isMadeOfNight(now())) {
            return;
        }
        $this->line($backup->make(now())->says());
    }
}
