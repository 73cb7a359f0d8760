<?php

declare(strict_types=1);

namespace Tests;

/** The rooms of the house, and which uses which, read from the code itself. */
final class Rooms
{
    /**
     * @param  string  $folder  `core` or `app`
     * @return array<string, list<string>> room => the rooms it uses, both in alphabetical order
     */
    public static function arrows(string $folder): array
    {
        $prefix = $folder === 'core' ? 'InchLadder' : 'App';
        $arrows = [];
        foreach (glob(dirname(__DIR__)."/{$folder}/*", GLOB_ONLYDIR) ?: [] as $path) {
            $room = basename($path);
            $arrows[$room] = [];
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($path, \FilesystemIterator::SKIP_DOTS)) as $file) {
                preg_match_all('/(?<![\w])'.$prefix.'\\\\([A-Z]\w+)\\\\/', (string) file_get_contents((string) $file), $used);
                array_push($arrows[$room], ...$used[1]);
            }
            $arrows[$room] = array_values(array_diff(array_unique($arrows[$room]), [$room]));
            sort($arrows[$room]);
        }

        return $arrows;
    }

    /** The same as a picture: Mermaid, an arrow a line. Ground floors that all use are left out of it, or nothing else would be seen. */
    public static function drawn(string $folder, string ...$everywhere): string
    {
        $lines = ['flowchart TD'];
        foreach (self::arrows($folder) as $room => $uses) {
            foreach (array_diff($uses, $everywhere) as $used) {
                $lines[] = "    {$room} --> {$used}";
            }
        }

        return implode("\n", $lines);
    }
}
