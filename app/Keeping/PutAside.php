<?php

declare(strict_types=1);

namespace App\Keeping;

/**
 * A damaged database in a dated folder of its own, until what can be read of it is taken over, or declined. The folder
 * stays either way.
 */
final readonly class PutAside
{
    public const TAKEN_OVER = 'taken-over';

    public const DECLINED = 'declined';

    private const PREFIX = 'damaged-';

    private function __construct(public string $folder)
    {
    }

    public static function begin(string $data): self
    {
        $folder = $data.'/'.self::PREFIX.date('Y-m-d-His');
        // Two in one second lie apart.
        for ($n = 2, $name = $folder; is_dir($name); $n++) {
            $name = "{$folder}-{$n}";
        }
        mkdir($name, 0o700, true);

        return new self($name);
    }

    /** @return list<self> those nothing was decided about, the oldest first */
    public static function open(string $data): array
    {
        $all = array_map(static fn (string $folder): self => new self($folder), glob("{$data}/".self::PREFIX.'*', GLOB_ONLYDIR) ?: []);

        return array_values(array_filter($all, static fn (self $one): bool => ! $one->is(self::TAKEN_OVER) && ! $one->is(self::DECLINED)));
    }

    /** Null where none of this name waits. */
    public static function named(string $data, string $name): ?self
    {
        return array_values(array_filter(self::open($data), static fn (self $one): bool => $one->name() === $name))[0] ?? null;
    }

    /** @param  self::TAKEN_OVER|self::DECLINED  $how */
    private function is(string $how): bool
    {
        return is_file("{$this->folder}/{$how}");
    }

    public function name(): string
    {
        return basename($this->folder);
    }

    public function database(): string
    {
        return "{$this->folder}/inch-ladder.sqlite";
    }

    /** @param  self::TAKEN_OVER|self::DECLINED  $how */
    public function settle(string $how): void
    {
        touch("{$this->folder}/{$how}");
    }
}
