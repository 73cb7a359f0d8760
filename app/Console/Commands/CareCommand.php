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
        {--every-index : Check every index too and rebuild damaged ones, while the app is in use}
        {--recover= : Read what can be read from a damaged database that was put aside, by the name of its folder}
        {--ignore= : Do not offer one that was put aside again. It stays where it is}';

    protected const FORMERLY = ['wholly' => 'every-index', 'take-over' => 'recover', 'decline' => 'ignore'];

    protected $description = 'Look over the data folder: put a damaged database aside and save what can be read of it, tidy the cache';

    protected function answer(): void
    {
        $data = (string) config('inch.data');
        match (true) {
            $this->option('every-index') === true => $this->checkWholly($data),
            $this->text('recover') !== null => $this->takeOver($data, self::waiting($data, $this->text('recover'))),
            $this->text('ignore') !== null => self::waiting($data, $this->text('ignore'))->settle(PutAside::DECLINED),
            default => $this->beforeStart($data),
        };
    }

    /** @throws PutAsideUnknown */
    private static function waiting(string $data, string $name): PutAside
    {
        return PutAside::named($data, $name) ?? throw PutAsideUnknown::named($name, PutAside::open($data));
    }

    private function beforeStart(string $data): void
    {
        // A database server cares for its own.
        if (config('database.default') === 'sqlite') {
            $this->checkDatabase($data);
        }
        ShelfMemory::forget();
        // Of an archive that was being unpacked when all ended.
        foreach (glob("{$data}/incoming/*") ?: [] as $left) {
            filemtime($left) < time() - 3600 && @unlink($left);
        }
        (new CacheCare($data))->tidy();
    }

    private function checkDatabase(string $data): void
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
            $with = ['folder' => $waiting->name()];
            $this->line(Say::it('keeping.put aside', $with).' '.Say::it('keeping.how', $with));
        }
        $copy = (new Upgrade($data, database_path('migrations')))->prepare();
        if ($copy !== null) {
            $this->line(Say::it('keeping.upgrade copied', ['copy' => $copy]));
        }
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
