<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Translation\FileLoader;
use Illuminate\Translation\Translator;

/** Sentences by their key in lang, in the language in force. Works without the application round it. */
final class Say
{
    private static ?Translator $translator = null;

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

    /** Null where there is nothing to be said under the key. */
    public static function ifAny(string $key): ?string
    {
        return self::translator()->has($key) ? self::it($key) : null;
    }

    /** What something is called; by its own key where there is no name for it yet. */
    public static function name(string $under, string $key): string
    {
        return self::ifAny("{$under}.name") ?? ucfirst($key);
    }

    /** From now on, in another language: the name of a folder in lang. */
    public static function in(string $language): void
    {
        self::translator()->setLocale($language);
    }

    private static function translator(): Translator
    {
        return self::$translator ??= new Translator(new FileLoader(new Filesystem, dirname(__DIR__, 2).'/lang'), 'en');
    }
}
