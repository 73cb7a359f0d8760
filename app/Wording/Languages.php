<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Translation\FileLoader;

/**
 * The sentences of a language: a folder in lang each, and the pseudo-language that is made of English.
 *
 * CLDR's `en-XA` has every sentence bracketed, accented and a third longer, so that a sentence that is said past the
 * lists, and a place that a longer language would not fit, can be seen. Only tests ask for it.
 */
final class Languages extends FileLoader
{
    public const PSEUDO = 'en-XA';

    private const ACCENTED = ['a' => 'á', 'e' => 'é', 'i' => 'í', 'o' => 'ó', 'u' => 'ú', 'A' => 'Á', 'E' => 'É', 'I' => 'Í', 'O' => 'Ó', 'U' => 'Ú'];

    /** @return array<array-key, mixed> */
    public function load($locale, $group, $namespace = null): array
    {
        return $locale === self::PSEUDO ? self::pseudo(parent::load('en', $group, $namespace)) : parent::load($locale, $group, $namespace);
    }

    /**
     * @param  array<array-key, mixed>  $lines
     * @return array<array-key, mixed>
     */
    private static function pseudo(array $lines): array
    {
        return array_map(static fn (mixed $line): mixed => match (true) {
            is_array($line) => self::pseudo($line),
            is_string($line) && preg_match('/\pL{2}/u', $line) === 1 => implode('|', array_map(self::form(...), explode('|', $line))),
            default => $line,
        }, $lines);
    }

    /** One form of a sentence: the count it is for, and the names that stand in it, stay as they are. */
    private static function form(string $form): string
    {
        $count = preg_match('/^\s*(?:\{\d+\}|\[\d+,(?:\d+|\*)\])\s*/', $form, $found) === 1 ? $found[0] : '';
        $text = substr($form, strlen($count));
        $accented = preg_replace_callback('/:\w+|[aeiou]/i', static fn (array $part): string => self::ACCENTED[$part[0]] ?? $part[0], $text);

        return "{$count}⟦{$accented}".preg_replace('/~{4}(?=~)/', '~~~~ ', str_repeat('~', (int) ceil(mb_strlen($text) / 3))).'⟧';
    }
}
