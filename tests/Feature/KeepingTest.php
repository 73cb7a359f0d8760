<?php

use App\Imaging\PhotoStore;
use App\Keeping\CacheCare;
use App\Keeping\DatabaseCare;
use App\Keeping\DatabaseState;
use App\Keeping\KeepingRecord;
use App\Keeping\PutAside;
use App\Keeping\SqliteFile;
use App\Keeping\Upgrade;
use App\Models\Drawing;
use App\Models\Photo;
use App\Wording\Say;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Drawings;
use Tests\Photos;

/*
 * What the data folder holds is never lost by the program: damaged it is put aside, thrown away it asks, full it says so.
 */

/** A data folder of its own, with so many drawings in its database. */
function folderWith(int $drawings): string
{
    $data = getenv('INCH_DATA').'/kept-'.bin2hex(random_bytes(4));
    mkdir($data);
    touch("{$data}/inch-ladder.sqlite");
    $photo = Photos::make();
    inFolder($data, 'php artisan migrate --force');
    foreach (range(1, $drawings) as $i) {
        inFolder($data, "php artisan inch:new {$photo} --title=Number{$i}");
    }

    return $data;
}

function inFolder(string $data, string $command): Process
{
    $process = Process::fromShellCommandline($command, base_path(), ['INCH_DATA' => $data, 'DB_DATABASE' => "{$data}/inch-ladder.sqlite", 'APP_ENV' => 'production']);
    $process->run();

    return $process;
}

/** What is said of a damaged database that waits. */
function offer(string $aside): string
{
    return Say::it('keeping.put aside', ['folder' => basename($aside)]).' '.Say::it('keeping.how', ['folder' => basename($aside)])."\n";
}

/** A database with one drawing, made once for all that asks for it, and copied. */
function folderWithOne(): string
{
    static $first = null;
    $first ??= folderWith(1);
    $data = getenv('INCH_DATA').'/one-'.bin2hex(random_bytes(4));
    (new Filesystem)->copyDirectory($first, $data);

    return $data;
}

/** How many rows there are, by table. @return array<string, int> */
function rowsOf(string $database): array
{
    $file = new SqliteFile($database);

    return array_combine($file->tables(), array_map(fn (string $table): int => (int) $file->column("select count(*) from \"{$table}\"")[0], $file->tables()));
}

it('takes nothing but damage for damage: it stops in a sentence, and the file stays as it is', function (Closure $spoil, string $says) {
    $data = folderWithOne();
    $file = "{$data}/inch-ladder.sqlite";
    $held = $spoil(new PDO("sqlite:{$file}"));
    // Read by another process: closing a file lets go of every lock this one has on it.
    $hash = fn (): string => (string) shell_exec('sha256sum '.escapeshellarg($file));
    $was = $hash();
    $care = inFolder($data, 'php artisan inch:care');
    unset($held);
    expect([$care->getExitCode(), $care->getOutput()])->toBe([1, ''])->and($care->getErrorOutput())->toContain($says)->toContain('was not changed')
        ->and([$hash(), glob("{$data}/damaged-*"), glob("{$data}/before-upgrade-*")])->toBe([$was, [], []]);
})->with([
    'held by another program' => [fn (PDO $other) => tap($other, fn (PDO $other) => [$other->exec('PRAGMA locking_mode = EXCLUSIVE'), $other->exec('PRAGMA journal_mode = DELETE'), $other->exec('BEGIN EXCLUSIVE')]), 'Another program holds'],
    'with a step that a newer version made' => [fn (PDO $other) => $other->exec("insert into migrations (migration, batch) values ('2031_01_01_000001_more', 9)") ? null : null, 'newer version'],
    'with a document of a newer version' => [fn (PDO $other) => $other->exec("update drawings set choices = json_set(choices, '$.format', 99)") ? null : null, 'newer version'],
]);

it('finds damage of an index, which a quick look does not, and makes the index anew', function () {
    $data = folderWithOne();
    $file = "{$data}/inch-ladder.sqlite";
    $edit = function (string ...$statements) use ($file): void {
        $open = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        array_map($open->exec(...), ['PRAGMA journal_mode = DELETE', 'PRAGMA writable_schema = ON', ...$statements]);
    };
    // An index that did not hear of a row.
    $index = (new PDO("sqlite:{$file}"))->query("select * from sqlite_master where type = 'index' and tbl_name = 'revisions' and sql is not null")->fetch(PDO::FETCH_ASSOC);
    $edit("delete from sqlite_master where name = '{$index['name']}'");
    $edit('insert into revisions (drawing_id, position, what) select drawing_id, 77, what from revisions limit 1');
    $edit("insert into sqlite_master values ('index', '{$index['name']}', 'revisions', {$index['rootpage']}, '{$index['sql']}')");
    $care = new DatabaseCare($data);
    expect([$care->state(), $care->state(wholly: true)])->toBe([DatabaseState::Sound, DatabaseState::IndexDamaged]);
    expect(inFolder($data, 'php artisan inch:care --wholly')->getOutput())->toContain('index')
        ->and($care->state(wholly: true))->toBe(DatabaseState::Sound)
        ->and((new KeepingRecord($data))->databaseIsDamaged())->toBeFalse();
});

it('takes over every table of one that was put aside, once, and offers it at every start until then', function () {
    $data = folderWithOne();
    $aside = PutAside::begin($data);
    $old = folderWithOne();
    $put = new PDO("sqlite:{$old}/inch-ladder.sqlite");
    $put->exec("PRAGMA foreign_keys = OFF; update drawings set id = '01zzzzzzzzzzzzzzzzzzzzzzzz'; update revisions set drawing_id = '01zzzzzzzzzzzzzzzzzzzzzzzz'; insert into heard_notes (drawing_id, key, heard_at) values ('01zzzzzzzzzzzzzzzzzzzzzzzz', 'k', '2026-01-01'), ('gone', 'k', '2026-01-01'); insert into pencils (id, name, kind) values (1, 'soft', 'graphite')");
    $put->query('PRAGMA wal_checkpoint(TRUNCATE)');
    copy("{$old}/inch-ladder.sqlite", $aside->database());
    foreach ([1, 2] as $start) {
        expect(inFolder($data, 'php artisan inch:care')->getOutput())->toBe(offer($aside->folder), "start {$start}");
    }
    expect(inFolder($data, "php artisan inch:care --take-over={$aside->name()}")->getOutput())->toContain('One drawing could be read');
    $now = rowsOf("{$data}/inch-ladder.sqlite");
    expect([$now['drawings'], $now['revisions'], $now['pencils'], $now['heard_notes']])->toBe([2, 2, 1, 1])
        ->and(inFolder($data, 'php artisan inch:care')->getOutput())->toBe('')
        ->and(inFolder($data, "php artisan inch:care --take-over={$aside->name()}")->getErrorOutput())->toContain('No damaged database waits');
});

it('says on the first page what waits and what is wrong with the backups, and lets a damaged database be left', function () {
    config(['inch.data' => $data = getenv('INCH_DATA').'/said-'.bin2hex(random_bytes(4)), 'inch.backup' => '/elsewhere']);
    $aside = PutAside::begin($data);
    $record = new KeepingRecord($data);
    $record->copied(now()->subDays(3));
    $record->setDamaged(true);
    $this->getJson('/api/keeping')->assertOk()->assertJsonPath('waiting.0.name', $aside->name())
        ->assertJsonPath('warnings', [Say::it('keeping.damaged now'), Say::it('keeping.copy old', ['date' => now()->subDays(3)->format('Y-m-d')])]);
    $record->copied(now()->subDays(1));
    $record->setDamaged(false);
    $record->copyFailed('No room.');
    $this->deleteJson("/api/keeping/{$aside->name()}")->assertOk()->assertExactJson(['waiting' => [], 'warnings' => ['The last backup failed. No room.'], 'said' => '']);
    $this->deleteJson("/api/keeping/{$aside->name()}")->assertNotFound();
    expect(is_dir($aside->folder))->toBeTrue();
});

it('copies an older database aside before it is upgraded, and keeps the last three', function () {
    $data = folderWithOne();
    (new PDO("sqlite:{$data}/inch-ladder.sqlite"))->exec('delete from migrations where id = (select max(id) from migrations)');
    $was = rowsOf("{$data}/inch-ladder.sqlite");
    $upgrade = new Upgrade($data, database_path('migrations'));
    foreach (range(1, 5) as $i) {
        $this->travel(2)->seconds();
        $copy = $upgrade->prepare();
        touch((string) $copy, 1_800_000_000 + $i);
        rename((string) $copy, $last = "{$data}/before-upgrade-{$i}.sqlite");
    }
    expect(rowsOf($last))->toBe($was)->and(array_map(basename(...), glob("{$data}/before-upgrade-*")))->toBe(['before-upgrade-3.sqlite', 'before-upgrade-4.sqlite', 'before-upgrade-5.sqlite']);
    (new PDO("sqlite:{$data}/inch-ladder.sqlite"))->exec("insert into migrations (migration, batch) select '".basename(array_slice(glob(database_path('migrations/*.php')), -1)[0], '.php')."', 1");
    expect($upgrade->prepare())->toBeNull();
});

it('puts a damaged database aside, and takes over what can be read of it', function (Closure $harm, int $least) {
    $data = folderWith(4);
    // All of it in the one file.
    (new PDO("sqlite:{$data}/inch-ladder.sqlite"))->query('PRAGMA wal_checkpoint(TRUNCATE)');
    $file = "{$data}/inch-ladder.sqlite";
    $before = (string) file_get_contents($file);
    $harm($file);
    $harmed = (string) file_get_contents($file);
    expect((new DatabaseCare($data))->state())->toBe(DatabaseState::Damaged);
    $care = inFolder($data, 'php artisan inch:care');
    expect($care->getExitCode())->toBe(0)->and($care->getOutput())->toContain('It is in');
    [$aside] = glob("{$data}/damaged-*");
    expect(file_get_contents("{$aside}/inch-ladder.sqlite"))->toBe($harmed)
        ->and((new DatabaseCare($data))->state(wholly: true))->toBe(DatabaseState::Sound);
    $saved = (int) (new PDO("sqlite:{$file}"))->query('SELECT count(*) FROM drawings')->fetchColumn();
    expect($saved)->toBeGreaterThanOrEqual($least);
    // A second look finds nothing more to do, but to offer again what nothing could be read of.
    expect(inFolder($data, 'php artisan inch:care')->getOutput())->toBe($saved > 0 ? '' : offer($aside));
    (new Filesystem)->deleteDirectory($data);
})->with([
    'not a database' => [fn (string $file) => file_put_contents($file, str_repeat('no database ', 4000)), 0],
    'a page overwritten' => [function (string $file) {
        // The last page: a leaf of some table; the others can be read.
        $bytes = (string) file_get_contents($file);
        file_put_contents($file, substr($bytes, 0, -4096).str_repeat("\xAB", 4096));
    }, 1],
    'cut short' => [fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 5 * 4096)), 0],
]);

it('starts anew without throwing anything away, and says what is in its way', function () {
    $data = folderWith(1);
    $start = fn (string ...$options): Process => tap(new Process(['bash', base_path('bin/start'), "--data={$data}", ...$options], base_path(), ['APP_ENV' => 'production', 'DB_DATABASE' => false], null, 120), fn (Process $process) => $process->run(fn () => str_contains($process->getOutput(), 'Ctrl C') && $process->stop(2)));
    $start('--fresh');
    [$before] = glob("{$data}/before-*");
    expect((int) (new PDO("sqlite:{$before}/inch-ladder.sqlite"))->query('SELECT count(*) FROM drawings')->fetchColumn())->toBe(1)
        ->and(glob("{$before}/photos/*/*"))->toHaveCount(1);
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: '', 1);
    $taken = $start("--port={$port}");
    expect($taken->getExitCode())->toBe(1)->and($taken->getErrorOutput())->toContain("Port {$port} is taken by another program");
    (new Filesystem)->deleteDirectory($data);
});

it('empties the bin for good, with the photos nobody uses any more, and no others', function () {
    [$kept, $gone, $shared] = [Drawings::begin(wide: 510), Drawings::begin(wide: 520), Drawings::begin(wide: 530)];
    $beside = app(PhotoStore::class)->take(Photos::make(540, 540));
    $both = Drawing::begin($shared->photo, $shared->read()->json);
    // Beside another picture once; undo still leads back there.
    foreach ([[['id' => $beside->id, 'name' => 'the other side']], []] as $pictures) {
        $this->putJson("/api/drawings/{$kept->id}", ['version' => $kept->refresh()->version, 'choices' => [...$kept->choices, 'beside' => $pictures]])->assertOk();
    }
    $lost = config('inch.data').'/photos/'.substr($gone->photo->sha256, 0, 2)."/{$gone->photo->sha256}";
    foreach ([$gone, $shared] as $drawing) {
        $this->deleteJson("/api/drawings/{$drawing->id}")->assertNoContent();
    }
    $this->getJson('/api/bin')->assertOk()->assertExactJson(['drawings' => 2]);
    $this->postJson("/api/drawings/{$gone->id}/restore")->assertOk();
    $this->deleteJson("/api/drawings/{$gone->id}");
    expect(is_file($lost))->toBeTrue();
    $this->deleteJson('/api/bin')->assertOk()->assertExactJson(['drawings' => 0]);
    expect(is_file($lost))->toBeFalse()
        ->and(Photo::query()->pluck('id')->sort()->values()->all())->toBe(collect([$kept->photo->id, $both->photo->id, $beside->id])->sort()->values()->all())
        ->and(Drawing::withTrashed()->count())->toBe(2);
    $this->postJson("/api/drawings/{$gone->id}/restore")->assertNotFound();
    $this->getJson("/api/drawings/{$both->id}")->assertOk();
});

it('is never refused for what it read before: whoever begins to change something waits for his turn first', function () {
    $file = config('inch.data').'/turns.sqlite';
    touch($file);
    config(['database.connections.turns' => ['database' => $file] + config('database.connections.sqlite')]);
    $mine = DB::connection('turns');
    $mine->statement('create table migrations (id, batch)');
    $mine->insert('insert into migrations values (1, 0)');
    $other = new PDO("sqlite:{$file}", options: [PDO::ATTR_TIMEOUT => 0]);
    $mine->transaction(function () use ($mine, $other) {
        expect($mine->scalar('select batch from migrations'))->toBe(0)
            ->and(fn () => $other->exec('update migrations set batch = 1'))->toThrow(PDOException::class, 'database is locked');
        $mine->transaction(fn () => $mine->update('update migrations set batch = 2'));
    });
    $other->exec('update migrations set batch = batch + 1');
    expect($mine->scalar('select batch from migrations'))->toBe(3);
    DB::purge('turns');
});

it('leaves a photo that just came, and may be about to be used, an hour before the bin takes it', function (int $seconds, bool $stays) {
    $this->freezeSecond();
    $photo = app(PhotoStore::class)->take(Photos::make(550 + $seconds % 7, 550));
    $photo->forceFill(['created_at' => now()])->save();
    $this->travel($seconds)->seconds();
    $this->deleteJson('/api/bin')->assertOk();
    expect(Photo::query()->whereKey($photo->id)->exists())->toBe($stays);
})->with([[0, true], [3599, true], [3601, false]]);

it('keeps what can be made anew within bounds, the oldest first, and sweeps what was left half-made', function () {
    $data = getenv('INCH_DATA').'/cache-'.bin2hex(random_bytes(4));
    $folder = "{$data}/cache/ab/abcd";
    mkdir("{$folder}/tiles", 0o755, true);
    foreach (['preview.jpg' => 100, 'preview-1.jpg' => 400, 'tones-2.jpg' => 300] as $name => $bytes) {
        file_put_contents("{$folder}/{$name}", str_repeat('x', $bytes));
    }
    file_put_contents("{$folder}/tiles/0_0.jpg", str_repeat('x', 500));
    file_put_contents("{$folder}/tiles.12345678.part", 'half');
    touch("{$folder}/tiles.12345678.part", time() - 7200);
    touch("{$folder}/tiles", time() - 600);
    touch("{$folder}/preview-1.jpg", time() - 300);
    (new CacheCare($data, 750))->tidy();
    $left = array_map(basename(...), glob("{$folder}/*"));
    expect($left)->toBe(['preview-1.jpg', 'preview.jpg', 'tones-2.jpg']);
    (new CacheCare($data, 0))->tidy();
    expect(array_map(basename(...), glob("{$folder}/*")))->toBe(['preview.jpg']);
    (new Filesystem)->deleteDirectory($data);
});

it('says what to free when the disk is full, and that the database is damaged, whichever way the driver says it', function (Throwable $thrown, int $status, string $says) {
    Illuminate\Support\Facades\Route::get('api/thrown', fn () => throw $thrown);
    $this->getJson('/api/thrown')->assertStatus($status)->assertJsonPath('message', fn (string $message) => str_contains($message, $says));
})->with([
    'at the commit' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'), 507, 'Empty the bin'],
    'of a disk that has room' => [fn () => new Illuminate\Database\QueryException('sqlite', 'update', [], new PDOException('SQLSTATE[HY000]: General error: 10 disk I/O error')), 503, 'Check the disk'],
    'of a folder that is no folder' => [fn () => App\Exceptions\StorageFailed::savingPhoto(), 503, 'can be written to'],
    'busy' => [fn () => new Illuminate\Database\QueryException('sqlite', 'update', [], new PDOException('SQLSTATE[HY000]: General error: 5 database is locked')), 503, 'tries again'],
    'malformed' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 11 database disk image is malformed'), 503, 'saves what can be read'],
    'no database' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 26 file is not a database'), 503, 'saves what can be read'],
]);
