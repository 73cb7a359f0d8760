<?php

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Phone;
use Tests\Browser\Table;
use Tests\Photos;
use Tests\Server;

/*
 * The phone at the easel, the computer in the next room.
 */

it('lets in a phone by its code: from a photo to a plan to cells, with the server away in between, while the computer looks on', function () {
    $data = getenv('INCH_DATA').'/house';
    $phone = new Phone;
    [$server, $here] = Server::start("--data={$data}", '--house');
    preg_match('#https://'.preg_quote($phone->wire ?? '', '#').'[\d.]*:\d+#', $server->getOutput(), $found);
    $certificate = "{$data}/house/caddy/pki/authorities/local/root.crt";
    Table::until(fn () => is_file($certificate), 'the certificate to be made');
    $phone->open($certificate, $found[0]);
    $table = Table::lay();

    // Unpaired it gets nowhere but to one page.
    foreach (['/', '/drawing/01m8d94xx231cq93hrjz5wkhs4/copy'] as $path) {
        $phone->go($path)->see('h1', 'Pair this device');
        expect($phone->path())->toBe('/pair');
    }
    $phone->write('Code', '000000')->press('Pair')->see('[role=alert]', 'opens nothing');
    $phone->isAccessible('Pairing');

    // The computer shows how it gets in.
    $table->browser->get("{$here}/settings");
    $table->press('Connect a phone')->press('Make a code')->see('[data-test=address]', 'https://');
    // Read as a phone reads it, by a reader of another's making: the page that pairs, and the digits.
    Table::until(fn () => $table->all('.code svg[role=img] path') !== [], 'the code to scan');
    $table->find('.code svg[role=img]')->takeElementScreenshot("{$data}/scan.png");
    $read = trim((new Symfony\Component\Process\Process(['zbarimg', '--quiet', '--raw', "{$data}/scan.png"]))->mustRun()->getOutput());
    $table->isAccessible('Letting in a phone');
    $code = str_replace(' ', '', $table->text('[data-test=digits]'));
    $addresses = json_decode((string) file_get_contents("{$here}/api/house"), true)['addresses'];
    expect($read)->toBe("{$addresses[0]}/pair?code={$code}")->and($addresses)->toContain($found[0]);
    $phone->go("/pair?code={$code}")->write('Name of this device', 'Easel')->press('Pair')->see('[data-test=first-start]', 'Which ruler do you use?')->press('Inches')->press('right')->press('Start drawing')->see('.shelf h1', 'Inch Ladder');
    $table->see('.house', 'Easel is paired');
    expect($table->all('[data-test=digits]'))->toBe([]);

    // As Chromium itself judges it: it can be put on the home screen.
    Table::until(fn () => $phone->script('return navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null)'), 'a worker to keep the page');
    expect($phone->devtools('Page.getAppManifest', [])['errors'])->toBe([])->and($phone->devtools('Page.getInstallabilityErrors', [])['installabilityErrors'])->toBe([])
        ->and($phone->all('input[capture=environment]'))->toHaveCount(1);

    // From a photo to a plan.
    $phone->choosePhoto(Photos::make(900, 1200));
    $id = $phone->arrive('/drawing/(\w{26})/photo');
    $table->browser->get("{$here}/");
    $known = fn (): array => json_decode((string) file_get_contents("{$here}/api/drawings/{$id}"), true);
    $table->browser->get("{$here}/drawing/{$id}/grid");
    $table->see('[data-test=kept]', 'saved');
    $phone->go("/drawing/{$id}/copy/1-1")->see('[data-test=address]', 'A1');

    // What is done on one is seen on the other, within a second.
    $done = fn (): int => count(array_filter($known()['cells'], fn (array $cell) => $cell['state'] === 'done'));
    Table::until(fn () => $phone->script('return navigator.serviceWorker.ready.then(async () => { const kept = (await (await caches.open("told")).keys()).map((one) => one.url); return navigator.serviceWorker.controller !== null && kept.filter((one) => one.includes("cut.jpg")).length > 6 && kept.some((one) => one.includes("/copying")) })'), 'the phone to keep it', 60);
    $table->browser->get("{$here}/drawing/{$id}/copy/2-2");
    $table->see('[data-test=progress]', '0 of')->find('[data-open=true]');
    $phone->key(' ');
    $began = microtime(true);
    $table->see('[data-test=progress]', '1 of');
    expect(microtime(true) - $began)->toBeLessThan(3.0)->and($done())->toBe(1);

    // A file that is fetched is no page to be kept for later.
    $phone->script('location.href = arguments[0]; return new Promise((done) => setTimeout(done, 1500))', ["/api/drawings/{$id}/drawing.zip"]);

    // The server goes, the phone goes on; the computer knows when it is back.
    $port = parse_url($here, PHP_URL_PORT);
    $house = parse_url($found[0], PHP_URL_PORT);
    $server->stop(3);
    $phone->key(' ')->key(' ')->see('[data-test=address]', 'D1')->see('[data-test=trouble]', 'saved on this device');
    $phone->browser->navigate()->refresh();
    $phone->see('[data-test=address]', 'D1')->see('[data-test=progress]', '3 of');
    [$server] = Server::start("--data={$data}", "--house={$house}", "--port={$port}");
    Table::until(fn () => $done() === 3, 'the notes to arrive', 60);
    $table->see('[data-test=progress]', '3 of');

    // Followed, one lights on the other what is pointed at.
    $table->browser->get("{$here}/drawing/{$id}/grid");
    $table->thisDrawing()->click('[data-test=follow-me]')->key(WebDriverKeys::ESCAPE);
    Table::until(fn () => $table->all('[data-test=theirs] rect') !== [] || ($phone->key(WebDriverKeys::ARROW_RIGHT) && false), 'the phone’s cell to light on the computer');

    // Taken off, it is out at once, and nothing of the drawings is kept on it.
    $table->browser->get("{$here}/settings");
    $table->press('Connect a phone')->press('Disconnect Easel')->see('.house', 'No device is paired');
    $phone->browser->navigate()->refresh();
    $phone->see('h1', 'Pair this device');
    // What this page asks for while its server ends is asked in vain.
    $table->browser->get('about:blank');
    $table->browser->manage()->getLog('browser');
    $server->stop(3);
});
