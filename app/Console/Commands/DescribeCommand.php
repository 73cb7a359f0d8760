<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wire\Description;
use Illuminate\Console\Command;

final class DescribeCommand extends Command
{
    protected $signature = 'inch:describe {--archive : The JSON Schema of an exported drawing instead}';

    protected $description = 'Print the API’s OpenAPI description';

    public function handle(): int
    {
        $this->line($this->option('archive') ? Description::archiveSchema() : Description::json());

        return self::SUCCESS;
    }
}
