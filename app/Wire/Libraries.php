<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\LibraryJson;

/** The libraries Inch Ladder is built from, with their licences: all that Composer brought, and those the pages ask for by name. */
final class Libraries
{
    /** @return list<LibraryJson> by name */
    public static function all(): array
    {
        $all = [...self::ofServer(), ...self::ofPages()];
        usort($all, static fn (LibraryJson $a, LibraryJson $b): int => strcasecmp($a->name, $b->name));

        return $all;
    }

    /** @return list<LibraryJson> */
    private static function ofServer(): array
    {
        $installed = self::read('vendor/composer/installed.json');
        $shipped = array_filter($installed['packages'] ?? [], static fn (array $one): bool => ! in_array($one['name'], $installed['dev-package-names'] ?? [], true));

        return array_values(array_map(static fn (array $one): LibraryJson => new LibraryJson($one['name'], ltrim($one['version'], 'v'), implode(', ', $one['license'] ?? [])), $shipped));
    }

    /** @return list<LibraryJson> */
    private static function ofPages(): array
    {
        $locked = self::read('package-lock.json')['packages'] ?? [];
        $asked = array_intersect_key($locked, array_flip(array_map(static fn (int|string $name): string => "node_modules/{$name}", array_keys($locked['']['dependencies'] ?? []))));

        return array_map(static fn (string $path, array $one): LibraryJson => new LibraryJson(substr($path, strlen('node_modules/')), $one['version'], $one['license'] ?? ''), array_keys($asked), $asked);
    }

    /** @return array<string, mixed> empty where there is no such file */
    private static function read(string $file): array
    {
        return is_file(base_path($file)) ? (array) json_decode((string) file_get_contents(base_path($file)), true) : [];
    }
}
