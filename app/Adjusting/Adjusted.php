<?php

declare(strict_types=1);

namespace App\Adjusting;

/** The parts of the choices that change, by name, and what is to be said of it. */
final readonly class Adjusted
{
    /** @param  array<string, mixed>  $changes  like `['unit' => 'cm', 'fit' => ['left' => '1/4']]`, laid over the choices */
    public function __construct(public array $changes, public string $said = '')
    {
    }
}
