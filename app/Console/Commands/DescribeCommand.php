<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\Description;
use Illuminate\Console\Command;

final class DescribeCommand extends Command
{
    protected $signature = 'inch:describe';

    protected $description = 'Print the API’s OpenAPI description';

    public function handle(): int
    {
        $this->line(Description::json());

        return self::SUCCESS;
    }
}
