<?php

declare(strict_types=1);

namespace App\Exchange;

/** Rows as comma-separated values, and back (RFC 4180). PHP's own writer also quotes what has a space in it, as every length here has. */
final class Csv
{
    /** @param  list<list<string|int>>  $rows  the head first */
    public static function write(array $rows): string
    {
        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::field(...), $row))."\r\n", $rows));
    }

    /**
     * No field may hold a line's end.
     *
     * @return list<list<string>> the head first
     */
    public static function read(string $csv): array
    {
        return array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line, escape: '')), explode("\r\n", rtrim($csv, "\r\n")));
    }

    private static function field(string|int $field): string
    {
        return preg_match('/[",\r\n]/', (string) $field) === 1 ? '"'.str_replace('"', '""', (string) $field).'"' : (string) $field;
    }
}
