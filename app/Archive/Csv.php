<?php

declare(strict_types=1);

namespace App\Archive;

/** Rows as comma-separated values, and back (RFC 4180). PHP's own writer also quotes what has a space in it, as every length here has. */
final class Csv
{
    /** What begins like a formula; or like something that was neutralised already, so that it reads back as it was. */
    private const FORMULA = "/^'*[=+\\-@\t\r＝＋－＠]/u";

    /** @param  list<list<string|int>>  $rows  the head first */
    public static function write(array $rows): string
    {
        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::field(...), $row))."\r\n", $rows));
    }

    /**
     * @return list<list<string>> the head first; each field as it was given to write
     */
    public static function read(string $csv): array
    {
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('No memory to read into.');
        fwrite($stream, $csv);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, escape: '')) !== false) {
            $row === [null] || $rows[] = array_map(static fn (?string $field): string => self::restored((string) $field), $row);
        }
        fclose($stream);

        return $rows;
    }

    private static function field(string|int $field): string
    {
        $field = self::neutral((string) $field);

        return preg_match('/[",\r\n]/', $field) === 1 ? '"'.str_replace('"', '""', $field).'"' : $field;
    }

    /**
     * A table program takes what begins like a formula for one, and runs it (OWASP, "CSV Injection"): an apostrophe
     * before it makes it a text again. Plain numbers stay numbers.
     */
    private static function neutral(string $field): string
    {
        return preg_match(self::FORMULA, $field) === 1 && preg_match('/^-\d+(?:\.\d+)?$/D', $field) !== 1 ? "'{$field}" : $field;
    }

    private static function restored(string $field): string
    {
        return str_starts_with($field, "'") && preg_match(self::FORMULA, substr($field, 1)) === 1 ? substr($field, 1) : $field;
    }
}
