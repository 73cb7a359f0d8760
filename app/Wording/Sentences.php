<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Translation\Translator;

/** A translator that makes every word's three spellings only where a sentence begins with one: fifty are said at every pull. */
final class Sentences extends Translator
{
    /**
     * @param  string  $line
     * @param  array<string, string|int>  $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
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
