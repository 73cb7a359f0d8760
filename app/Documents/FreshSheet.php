<?php

declare(strict_types=1);

namespace App\Documents;

/** On another sheet nothing was seen to yet: its set-up begins anew, and none is taken from the stock before that is said. */
final class FreshSheet
{
    /**
     * @param  array<array-key, mixed>  $was  a document of any format, or a damaged one
     * @param  array<array-key, mixed>  $now
     * @return array<array-key, mixed> `$now`, its ticks taken back where they were made on another sheet
     */
    public static function follow(array $was, array $now): array
    {
        $before = is_array($was['paper'] ?? null) ? $was['paper'] : $now['paper'];
        $isAnother = [$before['sheet'] ?? null, $before['name'] ?? null] !== [$now['paper']['sheet'], $now['paper']['name']];
        if ($isAnother && ($before['setup'] ?? []) == $now['paper']['setup']) {
            $now['paper']['setup'] = [];
        }

        return $now;
    }
}
