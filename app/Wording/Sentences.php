<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Translation\Translator;

/**
 * A translator that goes straight to its sentence: fifty are said at every pull, and Laravel's looks first for files of
 * whole sentences and for packages' own, which there are none of, and spells every word in three ways (measured: a third of the time).
 */
final class Sentences extends Translator
{
    /**
     * @param  string  $key
     * @param  array<string, string|int>  $replace
     * @param  string|null  $locale
     * @param  bool  $fallback
     * @return string|array<array-key, mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string|array
    {
        $locale ??= $this->locale;
        $names = explode('.', $key);
        $group = array_shift($names);
        $this->load('*', $group, $locale);
        $said = $this->loaded['*'][$group][$locale];
        foreach ($names as $name) {
            $said = is_array($said) ? $said[$name] ?? null : null;
        }

        // A name with a point in it, nothing under this key, or all that stands there: slowly.
        return is_string($said) ? $this->makeReplacements($said, $replace) : parent::get($key, $replace, $locale, $fallback);
    }

    /**
     * @param  string  $line
     * @param  array<string, string|int>  $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
        // Only what a sentence begins with is to begin with a capital.
        if (preg_match('/:\p{Lu}/u', $line) === 1) {
            return (string) parent::makeReplacements($line, $replace);
        }
        $words = [];
        foreach ($replace as $name => $word) {
            $words[":{$name}"] = $word;
        }

        return strtr($line, $words);
    }
}
