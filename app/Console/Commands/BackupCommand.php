<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\StorageFailed;
use App\Keeping\Backup;
use App\Keeping\BackupImpossible;
use App\Keeping\KeepingRecord;
use App\Wording\Refusal;

final class BackupCommand extends Planning
{
    protected $signature = 'inch:backup
        {folder : Where the copies lie}
        {--nightly : Only when there is none of this night yet}';

    protected $description = 'Copy the database and the photos elsewhere, while the app is in use; the last seven are kept';

    protected function answer(): void
    {
        $data = (string) config('inch.data');
        $backup = new Backup($data, rtrim((string) $this->argument('folder'), '/'));
        if ($this->option('nightly') === true && $backup->isMadeOfNight(now())) {
            return;
        }
        $record = new KeepingRecord($data);
        try {
            $made = $backup->make(now());
        } catch (BackupImpossible|StorageFailed $e) {
            $record->copyFailed(Refusal::of($e));
            throw $e;
        }
        $record->copied(now());
        $this->line($made->says());
    }
}
