<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\Lang;

/** Sentences by their key in lang/en. */
final class Say
{
    /** @param  array<string, string|int>  $with  what stands in for `:name` */
    public static function it(string $key, array $with = []): string
    {
        return (string) Lang::get($key, $with);
    }

    /**
     * The form for so many; the count itself is `:count`.
     *
     * @param  array<string, string|int>  $with
     */
    public static function counted(string $key, int $count, array $with = []): string
    {
        return Lang::choice($key, $count, $with);
    }

    /** Null where there is nothing to be said under the key. */
    public static function ifAny(string $key): ?string
    {
        return Lang::has($key) ? self::it($key) : null;
    }

    /** What something is called; by its own key where lang/en has no name for it yet. */
    public static function name(string $under, string $key): string
    {
        return self::ifAny("{$under}.name") ?? ucfirst($key);
    }
}
