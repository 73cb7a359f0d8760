<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\CacheCare;
use App\Keeping\DatabaseCare;
use App\Wire\ShelfMemory;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Looks over the data folder before Inch Ladder starts: the database, and what can be thrown away. */
final class CareCommand extends Command
{
    protected $signature = 'inch:care';

    protected $description = 'Look over the data folder: put a damaged database aside and save what can be read of it, tidy the cache';

    public function handle(): int
    {
        $data = (string) config('inch.data');
        $care = new DatabaseCare($data);
        if (! $care->isSound()) {
            DB::purge();
            $folder = $care->putAside();
            touch("{$data}/inch-ladder.sqlite");
            Artisan::call('migrate', ['--force' => true]);
            DB::purge();
            $saved = $care->salvage($folder);
            $this->line("The database was damaged. It lies in {$folder} now, as it was; ".match ($saved) {
                0 => 'nothing of it could be read. A new one was begun; the photos are kept.',
                1 => 'one drawing could be read, and was taken over.',
                default => "{$saved} drawings could be read, and were taken over.",
            });
        }
        ShelfMemory::forget();
        (new CacheCare($data))->tidy();

        return self::SUCCESS;
    }
}
