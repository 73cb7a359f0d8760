<?php

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\DB;

abstract class TestCase extends BaseTestCase
{
    private static string $database = '';

    /** On PostgreSQL where bin/on-postgresql runs the tests, each process on a database of its own. */
    public function createApplication(): Application
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        $url = getenv('DB_URL');
        if (is_string($url) && $url !== '') {
            config(['database.default' => 'pgsql', 'database.connections.pgsql.url' => $url]);
            if (self::$database === '') {
                self::$database = 'tests_'.getmypid();
                DB::connection('pgsql')->statement('create database '.self::$database);
                DB::purge('pgsql');
            }
            config(['database.connections.pgsql.url' => str_replace('/postgres?', '/'.self::$database.'?', $url)]);
        }

        return $app;
    }
}
