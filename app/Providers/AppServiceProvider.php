<?php

declare(strict_types=1);

namespace App\Providers;

use App\House\Hub;
use App\House\Telling;
use App\Models\PairedDevice;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Factory;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Model::shouldBeStrict(! $this->app->isProduction());
        $this->app->resolving('validator', static fn (Factory $validators) => $validators->resolver(
            static fn (Translator $translator, array $data, array $rules, array $messages, array $attributes): StrictValidator => new StrictValidator($translator, $data, $rules, $messages, $attributes),
        ));
        $telling = new Telling;
        Event::listen($telling->note(...));
        $this->app->terminating($telling->tell(...));
        // Out by whatever way it was taken off, its streams end with it.
        Event::listen('eloquent.deleted: '.PairedDevice::class, Hub::close(...));
        PHP_VERSION_ID < 80400 && config('database.default') === 'sqlite' && Event::listen(TransactionBeginning::class, self::takeTurn(...));
    }

    /**
     * A write that changes nothing comes first in every transaction: it waits for the lock. One that reads first and writes
     * then is refused at once where another write came between (https://sqlite.org/rescode.html#busy_snapshot), and
     * SQLite begins no other way before PHP 8.4, from where on `transaction_mode` in config/database.php says it.
     */
    private static function takeTurn(TransactionBeginning $begins): void
    {
        $begins->connection->transactionLevel() === 1 && $begins->connection->statement('delete from migrations where false');
    }
}
