<?php

namespace Tests;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;

/** The app as `./bin/start` serves it, on data of its own. */
final class Server
{
    /** @return array{Process, string} the running server and its address */
    public static function start(string ...$options): array
    {
        $process = self::begin(...$options);

        return [$process, self::address($process)];
    }

    /** A data folder with the demo in it, as a first start leaves it; made once a run, as most servers need no first start of their own. */
    public static function demo(string $data): string
    {
        static $made = null;
        $made ??= getenv('INCH_DEMO') ?: self::makeDemo(getenv('INCH_DATA').'/demo');
        (new Filesystem)->copyDirectory($made, $data);

        return $data;
    }

    private static function makeDemo(string $data): string
    {
        mkdir($data);
        touch("{$data}/inch-ladder.sqlite");
        foreach (['migrate', 'db:seed'] as $command) {
            (new Process(['php', 'artisan', $command, '--force'], base_path(), ['INCH_DATA' => $data, 'DB_DATABASE' => false, 'APP_ENV' => 'production']))->mustRun();
        }

        return $data;
    }

    public static function begin(string ...$options): Process
    {
        return self::beginWith([], ...$options);
    }

    /** @param  array<string, string>  $env  the environment, beside what is always so */
    public static function beginWith(array $env, string ...$options): Process
    {
        $process = new Process(['bash', base_path('bin/start'), ...$options], sys_get_temp_dir(), $env + ['INCH_HEAVY_NICE' => '0', 'DB_DATABASE' => false, 'APP_ENV' => 'production', 'INCH_DATA' => false], null, 60);
        $process->start();

        return $process;
    }

    /** Where a server that was begun answers, once it does. */
    public static function address(Process $process): string
    {
        $process->waitUntil(fn () => str_contains($process->getOutput(), 'Ctrl C ends it') || $process->isTerminated());
        Assert::assertSame(1, preg_match('#http://127\.0\.0\.1:\d+#', $process->getOutput(), $found), $process->getOutput().$process->getErrorOutput());
        $answer = @file_get_contents("{$found[0]}/api/catalogue", false, stream_context_create(['http' => ['ignore_errors' => true]]));
        Assert::assertStringContainsString(' 200 ', ($http_response_header[0] ?? 'no answer'), "It says where it is before it is there: {$answer} {$process->getErrorOutput()}");

        return $found[0];
    }

    /**
     * What a device of the house sends: its certificate looked at, and a jar of cookies of its own.
     *
     * @param  array<int, mixed>  $options  of curl
     * @return array{int, string} status and answer
     */
    public static function ask(string $data, string $url, array $options = []): array
    {
        $curl = curl_init($url);
        curl_setopt_array($curl, $options + self::paired($data));
        $answer = curl_exec($curl);

        return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), is_string($answer) ? $answer : curl_error($curl)];
    }

    /** @return array<int, mixed> */
    public static function paired(string $data): array
    {
        return [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_CAINFO => "{$data}/house/caddy/pki/authorities/local/root.crt", CURLOPT_COOKIEFILE => "{$data}/jar", CURLOPT_COOKIEJAR => "{$data}/jar", CURLOPT_PROXY => ''];
    }

    /** @return list<string> titles on the shelf */
    public static function shelf(string $address): array
    {
        return array_column(json_decode((string) file_get_contents("{$address}/api/drawings"), true), 'title');
    }

    /**
     * Sends requests all at the same time.
     *
     * @param  list<array<int, mixed>>  $requests  curl options of each
     * @return list<array{int, mixed}> status and answer, in the order they were sent
     */
    public static function together(array $requests): array
    {
        $multi = curl_multi_init();
        $handles = array_map(function (array $options) use ($multi) {
            $curl = curl_init();
            curl_setopt_array($curl, $options + [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30]);
            curl_multi_add_handle($multi, $curl);

            return $curl;
        }, $requests);
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
        } while ($running > 0);

        return array_map(fn ($curl) => [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), json_decode((string) curl_multi_getcontent($curl), true)], $handles);
    }
}
