<?php

declare(strict_types=1);

namespace App\Http;

/**
 * What a page will ask for once its script runs: named in the page itself, it comes at once and beside the script. As the build's
 * manifest has it; nothing where nothing was built.
 */
final class PageParts
{
    /** The part of each page by its address, the first that fits; what fits none is in the main script. */
    private const PARTS = [
        'drawing/*/copy*' => 'rungs/copy/CopyRung.vue',
        'drawing/*/log*' => 'rungs/log/LogPage.vue',
        'drawing/*/print*' => 'rungs/print/PrintPage.vue',
        'drawing/*/marks/*' => 'rungs/walk/WalkPage.vue',
        'drawing/*' => 'rungs/Rungs.vue',
        'settings' => 'settings/SettingsPage.vue',
        'instruments' => 'instruments/InstrumentsPage.vue',
    ];

    private const LETTERS = 'node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-%d-normal.woff2';

    private const WEIGHTS = [400, 600, 700];

    /** @param  array<string, array{file: string, imports?: list<string>, css?: list<string>}>  $manifest */
    public function __construct(private array $manifest)
    {
    }

    public static function built(): self
    {
        $file = public_path('build/manifest.json');

        return new self(is_file($file) ? (array) json_decode((string) file_get_contents($file), true) : []);
    }

    /** @return list<string> fonts every page is written in */
    public function letters(): array
    {
        return $this->files(array_map(static fn (int $weight): string => sprintf(self::LETTERS, $weight), self::WEIGHTS));
    }

    /**
     * @param  string  $path  of the page, without the first slash
     * @return array{scripts: list<string>, styles: list<string>}
     */
    public function of(string $path): array
    {
        $part = array_values(array_filter(array_keys(self::PARTS), static fn (string $pattern): bool => fnmatch($pattern, $path)))[0] ?? null;
        // What the main script brings is named by it.
        $parts = $part === null ? [] : array_diff($this->with('resources/js/'.self::PARTS[$part]), $this->with('resources/js/main.ts'));
        $styles = array_merge(...array_map(fn (string $one): array => $this->manifest[$one]['css'] ?? [], array_values($parts)));

        return ['scripts' => $this->files(array_values($parts)), 'styles' => array_map(self::address(...), array_values(array_unique($styles)))];
    }

    /**
     * A part and all that it imports, as the manifest names them.
     *
     * @return list<string>
     */
    private function with(string $part): array
    {
        $found = [];
        for ($open = [$part]; ($one = array_pop($open)) !== null;) {
            if (isset($this->manifest[$one]) && ! in_array($one, $found, true)) {
                $found[] = $one;
                $open = [...$open, ...$this->manifest[$one]['imports'] ?? []];
            }
        }

        return $found;
    }

    /**
     * @param  list<string>  $parts
     * @return list<string>
     */
    private function files(array $parts): array
    {
        return array_values(array_map(fn (string $part): string => self::address($this->manifest[$part]['file']), array_filter($parts, fn (string $part): bool => isset($this->manifest[$part]))));
    }

    private static function address(string $file): string
    {
        return "/build/{$file}";
    }
}
