<?php

use App\Imaging\PhotoStore;
use App\Keeping\CacheCare;
use App\Keeping\DatabaseCare;
use App\Models\Drawing;
use App\Models\Photo;
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

it('puts a damaged database aside, and takes over what can be read of it', function (Closure $harm, int $least) {
    $data = folderWith(4);
    // All of it in the one file.
    (new PDO("sqlite:{$data}/inch-ladder.sqlite"))->query('PRAGMA wal_checkpoint(TRUNCATE)');
    $file = "{$data}/inch-ladder.sqlite";
    $before = (string) file_get_contents($file);
    $harm($file);
    $harmed = (string) file_get_contents($file);
    expect((new DatabaseCare($data))->isSound())->toBeFalse();
    $care = inFolder($data, 'php artisan inch:care');
    expect($care->getExitCode())->toBe(0)->and($care->getOutput())->toContain('It lies in');
    [$aside] = glob("{$data}/damaged-*");
    expect(file_get_contents("{$aside}/inch-ladder.sqlite"))->toBe($harmed)
        ->and((new DatabaseCare($data))->isSound())->toBeTrue();
    $saved = (int) (new PDO("sqlite:{$file}"))->query('SELECT count(*) FROM drawings')->fetchColumn();
    expect($saved)->toBeGreaterThanOrEqual($least);
    // A second look finds nothing more to do.
    expect(inFolder($data, 'php artisan inch:care')->getOutput())->toBe('');
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
    'at the commit' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'), 507, 'empty the bin'],
    'while writing' => [fn () => new Illuminate\Database\QueryException('sqlite', 'update', [], new PDOException('SQLSTATE[HY000]: General error: 10 disk I/O error')), 507, 'empty the bin'],
    'busy' => [fn () => new Illuminate\Database\QueryException('sqlite', 'update', [], new PDOException('SQLSTATE[HY000]: General error: 5 database is locked')), 503, 'tried again'],
    'malformed' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 11 database disk image is malformed'), 503, 'put aside, never thrown away'],
    'no database' => [fn () => new PDOException('SQLSTATE[HY000]: General error: 26 file is not a database'), 503, 'put aside, never thrown away'],
]);
