<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\CacheCare;
use App\Keeping\DatabaseCare;
use App\Keeping\DatabaseState;
use App\Keeping\DatabaseUnusable;
use App\Keeping\KeepingRecord;
use App\Keeping\PutAside;
use App\Keeping\PutAsideUnknown;
use App\Keeping\Upgrade;
use App\Wire\ShelfMemory;
use App\Wording\Say;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Looks over the data folder before Inch Ladder starts: the database, and what can be thrown away. */
final class CareCommand extends Planning
{
    protected $signature = 'inch:care
        {--wholly : Check every index too, and make damaged ones anew; while the app is in use}
        {--take-over= : Take over what can be read of a damaged database that was put aside, by the name of its folder}
        {--decline= : Leave one that was put aside; it is not offered again, and stays where it is}';

    protected $description = 'Look over the data folder: put a damaged database aside and save what can be read of it, tidy the cache';

    protected function answer(): void
    {
        $data = (string) config('inch.data');
        match (true) {
            config('database.default') !== 'sqlite' => null,
            $this->option('wholly') === true => $this->checkWholly($data),
            $this->text('take-over') !== null => $this->takeOver($data, PutAside::named($data, $this->text('take-over')) ?? throw PutAsideUnknown::named($this->text('take-over'), PutAside::open($data))),
            $this->text('decline') !== null => (PutAside::named($data, $this->text('decline')) ?? throw PutAsideUnknown::named($this->text('decline'), PutAside::open($data)))->settle(PutAside::DECLINED),
            default => $this->beforeStart($data),
        };
    }

    private function beforeStart(string $data): void
    {
        $care = new DatabaseCare($data);
        $record = new KeepingRecord($data);
        $state = $care->state(wholly: $record->databaseIsDamaged());
        if ($state === DatabaseState::Damaged || ($state === DatabaseState::IndexDamaged && ! $care->reindex())) {
            $aside = $care->putAside();
            $this->line(Say::it('keeping.was damaged', ['folder' => $aside->folder]));
            touch("{$data}/inch-ladder.sqlite");
            $this->takeOver($data, $aside);
        }
        $record->setDamaged(false);
        foreach (PutAside::open($data) as $waiting) {
            $this->line(Say::it('keeping.put aside', ['folder' => $waiting->name()]).' '.Say::it('keeping.how', ['folder' => $waiting->name()]));
        }
        $copy = (new Upgrade($data, database_path('migrations')))->prepare();
        if ($copy !== null) {
            $this->line(Say::it('keeping.upgrade copied', ['copy' => $copy]));
        }
        ShelfMemory::forget();
        // Of an archive that was being unpacked when all ended.
        foreach (glob("{$data}/incoming/*") ?: [] as $left) {
            filemtime($left) < time() - 3600 && @unlink($left);
        }
        (new CacheCare($data))->tidy();
    }

    private function takeOver(string $data, PutAside $aside): void
    {
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
        DB::purge();
        $this->line(Say::counted('keeping.taken over', (new DatabaseCare($data))->salvage($aside)));
    }

    /**
     * Index damage shows in no quick look, and a damaged index makes every copy fail.
     *
     * @throws DatabaseUnusable
     */
    private function checkWholly(string $data): void
    {
        $care = new DatabaseCare($data);
        $state = $care->state(wholly: true);
        if ($state === DatabaseState::IndexDamaged && $care->reindex()) {
            $this->line(Say::it('keeping.reindexed'));
            $state = DatabaseState::Sound;
        }
        (new KeepingRecord($data))->setDamaged($state !== DatabaseState::Sound);
    }
}
