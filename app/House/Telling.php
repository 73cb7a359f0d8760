<?php

declare(strict_types=1);

namespace App\House;

use App\Models\DrawingChanged;

/** What changed while a request was answered, told once the answer is out: nobody waits for it, and each drawing is told of once. */
final class Telling
{
    /** @var array<string, DrawingChanged> the last change of each drawing */
    private array $changed = [];

    public function note(DrawingChanged $changed): void
    {
        $this->changed[$changed->drawing] = $changed;
    }

    public function tell(): void
    {
        foreach ($this->changed as $drawing => $changed) {
            Hub::tell($drawing, ['version' => $changed->version, 'edits' => $changed->edits]);
            Hub::tell(Hub::SHELF, ['drawing' => $drawing]);
        }
        $this->changed = [];
    }
}
