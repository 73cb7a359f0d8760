<?php

declare(strict_types=1);

namespace App\Keeping;

/** What was copied, and read again. */
final readonly class BackedUp
{
    /** @param  list<string>  $lost  SHA-256 of photos whose file was missing or damaged already */
    public function __construct(public string $name, public int $drawings, public int $photos, public array $lost)
    {
    }

    public function says(): string
    {
        $says = sprintf('%s: %d %s, %d %s, read again and whole.', $this->name, $this->drawings, $this->drawings === 1 ? 'drawing' : 'drawings', $this->photos, $this->photos === 1 ? 'photo' : 'photos');

        return $this->lost === [] ? $says : $says."\n".sprintf('The file of %d more was missing or damaged already: %s', count($this->lost), implode(', ', $this->lost));
    }
}
