<?php

namespace Tests\Browser;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;
use Tests\Photos;
use Tests\Server;

/**
 * An artist at the table: the app as ./bin/start serves it, on a database of its
 * own with the demo, and a real browser in front of it.
 */
final class Table extends Page
{
    private static ?self $laid = null;

    public readonly string $data;

    private Process $driver;

    private Process $server;

    private int $port;

    public static function lay(): self
    {
        return self::$laid ??= new self;
    }

    private function __construct()
    {
        $this->data = getenv('INCH_DATA').'/table';
        Server::demo($this->data);
        $this->sit();
        $this->port = self::freePort();
        $this->serve();

        $port = self::freePort();
        $this->driver = new Process(['chromedriver', "--port={$port}"]);
        $this->driver->start();
        self::until(fn () => @fsockopen('127.0.0.1', $port) !== false, 'ChromeDriver to start');
        $this->openBrowser("http://127.0.0.1:{$port}");
        $this->size(1280, 800);
        register_shutdown_function(fn () => $this->clear());
    }

    protected function behind(): string
    {
        return "\n".shell_exec('tail -n 15 '.escapeshellarg("{$this->data}/logs").'/*.log');
    }

    /** A drawing of four coloured quarters in Copy; 3 × 2 cells of 3 in. */
    public static function copied(string $cell = '', string $options = '--sheet=9x6in --photo=9x6in --columns=3 --rows=2'): self
    {
        $id = self::lay()->begin(Photos::make(900, 600), "--title=Copied {$options}");

        return self::lay()->go("/drawing/{$id}/copy".($cell === '' ? '' : "/{$cell}"))->see('[data-test=address]', '');
    }

    /** Begins a drawing as the command does, and gives its id. */
    public function begin(string $photo, string $options): string
    {
        return json_decode($this->artisan("inch:new {$photo} {$options}"), true)['drawing'];
    }

    /** What a command says, on the data of this table. */
    public function artisan(string $command): string
    {
        Assert::assertSame(0, Artisan::call($command), $command);

        return Artisan::output();
    }

    /** Each test has an application of its own, which is to work on the data of this table. */
    private function sit(): void
    {
        config(['inch.data' => $this->data, 'filesystems.disks.local.root' => $this->data, 'cache.stores.shelf.path' => "{$this->data}/cache/shelf", 'database.connections.sqlite.database' => "{$this->data}/inch-ladder.sqlite"]);
        DB::purge('sqlite');
    }

    public function serve(): self
    {
        $this->server = new Process(['bash', '-c', "source bin/prepare.sh; serve {$this->port} {$this->data}"], base_path(), $this->environment(), null, null);
        $this->server->disableOutput();
        $this->server->start();
        self::until(fn () => @fsockopen('127.0.0.1', $this->port) !== false, 'the server to start');
        $this->forgetAbsence();

        return $this;
    }

    public function stopServing(): void
    {
        $this->isQuiet();
        $this->server->stop(2);
        self::until(fn () => @fsockopen('127.0.0.1', $this->port) === false, 'the server to stop');
    }

    /**
     * While something is done, what is asked like this gets no answer; afterwards it does.
     *
     * @param  string  $asked  a pattern of addresses, with stars
     * @param  \Closure(self): mixed  $meanwhile
     */
    public function withoutAnswer(string $asked, \Closure $meanwhile): self
    {
        $this->devtools('Network.enable', []);
        $this->devtools('Network.setBypassServiceWorker', ['bypass' => true]);
        $this->devtools('Network.setBlockedURLs', ['urls' => [$asked]]);
        try {
            $meanwhile($this);
        } finally {
            $this->devtools('Network.setBlockedURLs', ['urls' => []]);
            $this->devtools('Network.setBypassServiceWorker', ['bypass' => false]);
            $this->forgetAbsence();
        }

        return $this;
    }

    /** What a page asked for while no server was there failed, and was to fail: it is no error of the page's. */
    private function forgetAbsence(): void
    {
        if (isset($this->browser)) {
            $this->browser->manage()->getLog('browser');
        }
    }

    /** As if nobody had sat here before: whoever did, and failed half-way, left a phone's screen, a lamp, a left hand, or no server. */
    public function settle(): void
    {
        $this->sit();
        $this->size(1280, 800);
        $this->devtools('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
        @fsockopen('127.0.0.1', $this->port) === false && $this->serve();
        // Nothing runs here, whatever the page that was left still asked for, of whichever server.
        $this->go('/icon.svg');
        // Nor is anything kept of what other tests were told.
        $this->script('localStorage.clear(); sessionStorage.clear(); localStorage.setItem("inch-ladder.begun", "true"); return self.caches?.delete("told").catch(() => false)');
        $this->forgetAbsence();
    }

    public function address(string $path = ''): string
    {
        return "http://127.0.0.1:{$this->port}{$path}";
    }

    /** @return list<array<string, mixed>> every drawing, page after page */
    public function shelf(): array
    {
        for ($all = []; ; $all = [...$all, ...$page]) {
            $page = json_decode((string) file_get_contents($this->address('/api/drawings?from='.count($all))), true);
            if ($page === []) {
                return $all;
            }
        }
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return ['INCH_HEAVY_NICE' => '0', 'INCH_DATA' => $this->data, 'DB_DATABASE' => "{$this->data}/inch-ladder.sqlite", 'APP_ENV' => 'production', 'LOG_CHANNEL' => 'kept'];
    }

    private function clear(): void
    {
        try {
            $this->browser->quit();
        } catch (\Throwable) {
            // The browser is gone already.
        }
        $this->driver->stop(1);
        $this->server->stop(1);
    }
}
