<?php

use App\Keeping\Backup;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use Symfony\Component\Process\Process;
use Tests\Photos;
use Tests\Server;

/*
 * Copies of what is kept, and the way back.
 */

/** @return array{int, string, string} */
function keeper(string $data, string $command): array
{
    $process = Process::fromShellCommandline("php artisan {$command}", base_path(), ['INCH_DATA' => $data, 'DB_DATABASE' => "{$data}/inch-ladder.sqlite", 'APP_ENV' => 'production']);
    $process->run();

    return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
}

/** A data folder with drawings in it, as the commands make them. */
function keptFolder(string $name, int $drawings): string
{
    $data = getenv('INCH_DATA')."/{$name}";
    mkdir($data);
    touch("{$data}/inch-ladder.sqlite");
    keeper($data, 'migrate --force');
    foreach (range(1, $drawings) as $i) {
        keeper($data, 'inch:new '.Photos::make(300 + $i, 200)." --title=Number{$i}");
    }

    return $data;
}

it('copies what is kept while it is being worked on, and an empty place that it is put into shows the same', function () {
    $data = Server::demo(getenv('INCH_DATA').'/backup-live');
    [$copies, $empty] = ["{$data}-copies", "{$data}-empty"];
    [$process, $here] = Server::start("--data={$data}");
    $id = json_decode((string) file_get_contents("{$here}/api/drawings"), true)[0]['id'];
    $note = fn (int $i) => [CURLOPT_URL => "{$here}/api/drawings/{$id}/cells/".($i % 6).'/'.(intdiv($i, 6) % 8), CURLOPT_CUSTOMREQUEST => 'PUT', CURLOPT_POSTFIELDS => json_encode(['words' => "note {$i}"]), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json']];
    $backup = Process::fromShellCommandline("php artisan inch:backup {$copies}", base_path(), ['INCH_DATA' => $data, 'DB_DATABASE' => "{$data}/inch-ladder.sqlite", 'APP_ENV' => 'production']);
    $backup->start();
    $worked = 0;
    while ($backup->isRunning() || $worked === 0) {
        expect(array_unique(array_column(Server::together(array_map($note, range($worked, $worked + 7))), 0)))->toBe([200]);
        $worked += 8;
    }
    expect($backup->getErrorOutput())->toBe('')->and($backup->getOutput())->toContain('3 drawings, 5 photos, read again and whole');
    // What is whole is whole: a note and its step in the history went over together, or neither did.
    $copy = new PDO('sqlite:'.glob("{$copies}/*.sqlite")[0]);
    $revisions = (int) $copy->query("select count(*) from revisions where drawing_id = '{$id}'")->fetchColumn();
    expect((int) $copy->query("select position from drawings where id = '{$id}'")->fetchColumn())->toBe($revisions - 1);

    // The last copy, of what has come to rest.
    expect(keeper($data, "inch:backup {$copies}")[0])->toBe(0)->and(glob("{$copies}/*.sqlite"))->toHaveCount(2)->and(glob("{$copies}/photos/*"))->toHaveCount(5);
    $known = fn (string $address): array => array_map(fn (array $entry) => [json_decode((string) file_get_contents("{$address}/api/drawings/{$entry['id']}"), true), sha1((string) file_get_contents($address.'/api/photos/'.$entry['photo']['id'].'/preview.jpg'))], json_decode((string) file_get_contents("{$address}/api/drawings"), true));
    $was = $known($here);
    $process->stop(3);
    mkdir($empty);
    expect(keeper($empty, "inch:restore {$copies}"))->toMatchArray([0, (new Backup($data, $copies))->all()[0].": 3 drawings, 5 photos, read again and whole.\n"]);
    [$again, $there] = Server::start("--data={$empty}");
    expect($again->getOutput())->not->toContain('loading the demo')->and($known($there))->toEqual($was);
    $again->stop(3);
});

it('keeps the last seven, each photo once, and lets go of what none of them stands on', function () {
    [$data, $copies] = [keptFolder('backup-seven', 2), getenv('INCH_DATA').'/backup-seven-copies'];
    $backup = new Backup($data, $copies);
    foreach (range(1, 9) as $night) {
        expect($backup->isMadeOfNight(Carbon::parse("2026-11-{$night} 03:00")))->toBeFalse("night {$night}");
        $backup->make(Carbon::parse("2026-11-{$night} 03:10"));
        // To the next night it is made, on whichever side of midnight one asks.
        expect([$backup->isMadeOfNight(Carbon::parse("2026-11-{$night} 23:59")), $backup->isMadeOfNight(Carbon::parse("2026-11-{$night} 23:59")->addHours(3))])->toBe([true, true]);
        $night === 2 && (new PDO("sqlite:{$data}/inch-ladder.sqlite"))->exec("delete from drawings where json_extract(choices, '$.title') = 'Number1'; delete from photos where id not in (select photo_id from drawings)");
        expect(glob("{$copies}/photos/*"))->toHaveCount($night < 9 ? 2 : 1, "night {$night}");
    }
    expect($backup->all())->toHaveCount(7)->and($backup->all()[0])->toBe('inch-ladder-2026-11-09-031000.sqlite')->and(glob("{$copies}/*.part"))->toBe([])
        ->and(fileperms($copies) & 0o077)->toBe(0);
});

it('takes a copy that broke off for none, and one that is dated ahead neither for the newest nor for this night’s', function () {
    [$data, $copies] = [keptFolder('backup-broken', 2), getenv('INCH_DATA').'/backup-broken-copies'];
    $backup = new Backup($data, $copies);
    $now = Carbon::parse('2026-11-20 12:00');
    // No room for a photo: something else has its place.
    $photo = (string) (new PDO("sqlite:{$data}/inch-ladder.sqlite"))->query('select sha256 from photos limit 1')->fetchColumn();
    mkdir("{$copies}/photos/{$photo}.part", recursive: true);
    expect(fn () => $backup->make($now))->toThrow(App\Exceptions\StorageFailed::class)
        ->and([$backup->all(), glob("{$copies}/*"), $backup->isMadeOfNight($now)])->toBe([[], ["{$copies}/photos"], false]);
    rmdir("{$copies}/photos/{$photo}.part");
    $ahead = $backup->make($now->copy()->addYear())->name;
    expect([$backup->isMadeOfNight($now), $backup->isMadeOfNight($now->copy()->addYear())])->toBe([false, true]);
    foreach (range(1, 7) as $hour) {
        $last = $backup->make($now->copy()->addHours($hour))->name;
        expect($backup->all()[0])->toBe($last)->and($backup->isMadeOfNight($now->copy()->addHours($hour)))->toBeTrue();
    }
    // The one dated ahead was made first, and goes first.
    expect($backup->all())->toHaveCount(7)->not->toContain($ahead);
});

it('says what stands in the way, and puts nothing back by halves', function (Closure $spoil, int $code, string $says, string $how = '') {
    [$data, $copies, $empty] = [keptFolder('backup-spoilt-'.uniqid(), 1), getenv('INCH_DATA').'/copies-'.uniqid(), getenv('INCH_DATA').'/empty-'.uniqid()];
    mkdir($empty);
    keeper($data, "inch:backup {$copies}");
    $into = $spoil($data, $copies, $empty) ?? $empty;
    [$was, $answer] = [@hash_file('sha256', "{$into}/inch-ladder.sqlite"), keeper($into, "inch:restore {$copies} {$how}")];
    expect($answer[0])->toBe($code)->and($answer[1].$answer[2])->toContain($says);
    $code === 0 || expect(@hash_file('sha256', "{$into}/inch-ladder.sqlite"))->toBe($was);
})->with([
    'no copy' => [fn ($data, $copies) => (new Filesystem)->cleanDirectory($copies) ? null : null, 1, 'There is no copy in'],
    'a damaged copy' => [function ($data, $copies) {
        $file = fopen(glob("{$copies}/*.sqlite")[0], 'r+');
        fseek($file, 4096 * 3);
        fwrite($file, str_repeat("\xff", 4096 * 4));
    }, 1, 'is damaged'],
    'drawings already' => [fn ($data) => $data, 1, 'holds drawings or settings'],
    'settings already' => [function ($data, $copies, $empty) {
        copy("{$data}/inch-ladder.sqlite", "{$empty}/inch-ladder.sqlite");
        (new PDO("sqlite:{$empty}/inch-ladder.sqlite"))->exec("delete from revisions; delete from drawings; delete from photos; insert into pencils (id, name, kind) values (1, 'soft', 'graphite')");
    }, 1, 'holds drawings or settings'],
    'a database that cannot be read' => [fn ($data, $copies, $empty) => file_put_contents("{$empty}/inch-ladder.sqlite", str_repeat('no database ', 4000)) ? null : null, 1, 'cannot be read'],
    'a photo damaged in the copy' => [fn ($data, $copies) => file_put_contents(glob("{$copies}/photos/*")[0], 'x') ? null : null, 1, '1 of 1 photos are missing'],
    'a photo damaged in the copy, and the rest wanted' => [fn ($data, $copies) => file_put_contents(glob("{$copies}/photos/*")[0], 'x') ? null : null, 0, 'The file of 1 more was missing or damaged already', '--anyway'],
    'a damaged original, copied before' => [function ($data, $copies) {
        file_put_contents(glob("{$data}/photos/*/*")[0], 'x');
        keeper($data, "inch:backup {$copies}");
    }, 0, '1 drawing, 1 photo, read again and whole'],
]);
