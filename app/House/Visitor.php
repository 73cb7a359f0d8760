<?php

declare(strict_types=1);

namespace App\House;

use App\Models\PairedDevice;
use Illuminate\Http\Request;

/** Who asks: somebody at this machine, or a paired device. */
final readonly class Visitor
{
    /** What this machine is called where devices go by their id. */
    private const HERE = 'here';

    private function __construct(public ?PairedDevice $device)
    {
    }

    public static function of(Request $request): self
    {
        $device = $request->attributes->get(self::class);

        return new self($device instanceof PairedDevice ? $device : null);
    }

    public static function mark(Request $request, PairedDevice $device): void
    {
        $request->attributes->set(self::class, $device);
    }

    public function isAtComputer(): bool
    {
        return $this->device === null;
    }

    public function id(): string
    {
        return $this->device->id ?? self::HERE;
    }

    public function isAt(PairedDevice $device): bool
    {
        return $this->device?->id === $device->id;
    }

    /** Whether it may let in others, and take them off. */
    public function mayPair(): bool
    {
        return $this->device === null || $this->device->may_pair;
    }
}
