<?php

declare(strict_types=1);

namespace InchLadder\Colour;

use InchLadder\Impossible;

/** What cannot be kept as a pencil. */
final class PencilUnusable extends Impossible
{
    public static function nameless(): self
    {
        return new self('no name');
    }

    public static function named(string $name): self
    {
        return new self('same name', ['name' => $name]);
    }

    public static function ofNoKind(): self
    {
        return new self('no kind');
    }

    public static function coloured(string $text): self
    {
        return new self('no colour', ['text' => mb_strimwidth($text, 0, 40, '…')]);
    }

    public static function run(string $text, int $most): self
    {
        return new self('no run', ['text' => mb_strimwidth($text, 0, 40, '…'), 'most' => $most]);
    }

    public static function oneTooMany(int $most): self
    {
        return new self('too many', ['most' => $most]);
    }

    public function choice(): string
    {
        return match ($this->reason) {
            'no name', 'same name', 'no run' => 'pencil.name',
            'no kind' => 'pencil.kind',
            default => 'pencil.colour',
        };
    }
}
