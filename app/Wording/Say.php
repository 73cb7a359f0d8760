<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Filesystem\Filesystem;

/** Sentences by their key in lang, in the language in force. Works without the application round it. */
final class Say
{
    private static ?Sentences $translator = null;

    /** @param  array<string, string|int>  $with  what stands in for `:name` */
    public static function it(string $key, array $with = []): string
    {
        $said = self::translator()->get($key, $with);

        return is_string($said) ? $said : $key;
    }

    /**
     * The form for so many; the count itself is `:count`.
     *
     * @param  array<string, string|int>  $with
     */
    public static function counted(string $key, int $count, array $with = []): string
    {
        return self::translator()->choice($key, $count, $with);
    }

    /**
     * `a`, `a and b`, `a, b and c`.
     *
     * @param  list<string>  $parts
     */
    public static function listed(array $parts): string
    {
        return self::joined($parts, 'phrases.listed');
    }

    /**
     * `a`, `a or b`, `a, b or c`.
     *
     * @param  list<string>  $parts
     */
    public static function either(array $parts): string
    {
        return self::joined($parts, 'phrases.either');
    }

    /** @param  list<string>  $parts */
    private static function joined(array $parts, string $by): string
    {
        $last = (string) array_pop($parts);

        return $parts === [] ? $last : self::it($by, ['most' => implode(', ', $parts), 'last' => $last]);
    }

    /** Null where there is nothing to be said under the key. */
    public static function ifAny(string $key): ?string
    {
        return self::translator()->has($key) ? self::it($key) : null;
    }

    /** @return array<array-key, mixed> all that stands under a key */
    public static function all(string $key): array
    {
        $said = self::translator()->get($key);

        return is_array($said) ? $said : [];
    }

    /** What something is called; by its own key where there is no name for it yet. */
    public static function name(string $under, string $key): string
    {
        return self::ifAny("{$under}.name") ?? ucfirst($key);
    }

    public static function language(): string
    {
        return self::translator()->getLocale();
    }

    /** From now on, in another language. */
    public static function in(string $language): void
    {
        self::translator()->setLocale($language);
    }

    private static function translator(): Sentences
    {
        return self::$translator ??= new Sentences(new Languages(new Filesystem, dirname(__DIR__, 2).'/lang'), 'en');
    }
}
