<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\ChoicesReader;
use App\Imaging\PhotoRefused;
use App\Imaging\PhotoStore;
use App\Models\Drawing;
use InchLadder\Measure\Size;
use InchLadder\Plan\Plan;

final class NewCommand extends Planning
{
    protected $signature = 'inch:new
        {file : A JPEG, PNG, WebP or HEIC photo}
        {--photo= : The print’s size, like 9x12cm; without it the drawing works from a screen}
        {--title= : What the drawing is called}'.self::OPTIONS;

    protected $description = 'Begin a drawing from a photo file';

    protected function answer(): void
    {
        $path = (string) $this->argument('file');
        if (! is_file($path)) {
            throw PhotoRefused::missing($path);
        }
        $print = $this->text('photo') === null ? null : $this->read($this->text('photo'));
        $photo = app(PhotoStore::class)->take($path);
        $title = $this->text('title') ?? ucfirst(str_replace(['_', '-'], ' ', pathinfo($path, PATHINFO_FILENAME)));
        $read = ChoicesReader::read(['title' => $title, ...$this->document($print instanceof Size ? $print : null)], $photo->width, $photo->height);
        Plan::of($read->choices);

        $this->line((string) json_encode(['drawing' => Drawing::begin($photo, $read->json)->id]));
    }
}
