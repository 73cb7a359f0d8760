<?php

namespace Tests\Browser;

use Symfony\Component\Process\Process;

/**
 * A phone of the house: a browser of its own, and where this may be done (as root) in a network namespace of its own,
 * from which the computer is reached over a wire alone.
 */
final class Phone extends Page
{
    /** Of the computer, on the wire between the two; null where there is none but its own. */
    public readonly ?string $wire;

    private readonly string $name;

    private readonly string $home;

    private Process $driver;

    private string $house = '';

    public function __construct()
    {
        $this->name = 'inch'.(getmypid() % 100_000);
        $this->home = getenv('INCH_DATA').'/phone';
        mkdir("{$this->home}/.pki/nssdb", recursive: true);
        // 198.18.0.0/15 is kept for tests of networks (RFC 2544).
        $net = '198.18.'.(getmypid() % 256);
        $laid = posix_getuid() === 0 && array_product(array_map(static fn (string $command): int => (int) Process::fromShellCommandline($command)->run() === 0 ? 1 : 0, [
            "ip netns add {$this->name}",
            "ip link add {$this->name}a type veth peer name {$this->name}b",
            "ip link set {$this->name}b netns {$this->name}",
            "ip addr add {$net}.1/30 dev {$this->name}a",
            "ip link set {$this->name}a up",
            "ip netns exec {$this->name} ip addr add {$net}.2/30 dev {$this->name}b",
            "ip netns exec {$this->name} ip link set {$this->name}b up",
            "ip netns exec {$this->name} ip link set lo up",
        ])) === 1;
        $this->wire = $laid ? "{$net}.1" : null;
        register_shutdown_function($this->away(...));
    }

    /** Opens its browser, with the house's certificate trusted as on a phone on which it was installed. */
    public function open(string $certificate, string $house): self
    {
        $this->house = $house;
        $database = "sql:{$this->home}/.pki/nssdb";
        (new Process(['certutil', '-d', $database, '-N', '--empty-password']))->mustRun();
        (new Process(['certutil', '-d', $database, '-A', '-t', 'C,,', '-n', 'house', '-i', $certificate]))->mustRun();
        $port = self::freePort();
        $there = $this->wire === null ? '127.0.0.1' : preg_replace('/1$/', '2', $this->wire);
        $within = $this->wire === null ? [] : ['ip', 'netns', 'exec', $this->name];
        $this->driver = new Process([...$within, 'chromedriver', "--port={$port}", '--allowed-ips=', '--allowed-origins=*'], env: ['HOME' => $this->home]);
        $this->driver->start();
        self::until(fn () => @fsockopen($there, $port) !== false, 'the phone’s ChromeDriver to start');
        $this->openBrowser("http://{$there}:{$port}");
        $this->size(390, 844);
        $this->devtools('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
        $this->devtools('Emulation.setUserAgentOverride', ['userAgent' => 'Mozilla/5.0 (Linux; Android 14) Mobile']);

        return $this;
    }

    public function address(string $path = ''): string
    {
        return $this->house.$path;
    }

    private function away(): void
    {
        try {
            isset($this->browser) && $this->browser->quit();
        } catch (\Throwable) {
            // The browser is gone already.
        }
        isset($this->driver) && $this->driver->stop(1);
        $this->wire === null || Process::fromShellCommandline("ip netns del {$this->name}; ip link del {$this->name}a")->run();
    }
}
