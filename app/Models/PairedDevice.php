<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A phone, tablet or computer of the house that was let in.
 *
 * It shows a key of 256 random bits, of which a hash is kept. Once a day it is given the next one, which follows from
 * the one it shows and a secret that never leaves here: however many answers are on their way, they all give the same.
 * The one before is good as long as the next was not shown, so an answer that is lost shuts nobody out; and a little
 * longer, for what was sent before. Shown after that, two have it, and nobody knows which of them is the device: it is
 * taken off (the idea of RFC 9700, 4.14.2, reuse of a rotated token).
 *
 * @property string $id
 * @property string $name
 * @property bool $may_pair whether it may let in others
 * @property string $secret
 * @property string $key_hash
 * @property string|null $next_hash the key it was given last, until it shows it
 * @property string|null $previous_hash
 * @property Carbon $renewed_at
 * @property Carbon $seen_at
 */
final class PairedDevice extends Model
{
    use HasUlids;

    /** A key is used for so long (ours). */
    private const RENEWED_AFTER_HOURS = 24;

    /** What was sent before the next key came may still be on its way (ours). */
    private const OLD_KEY_GOOD_SECONDS = 300;

    /** How often it is written down that a device was seen: not with each of a hundred requests (ours). */
    private const SEEN_EVERY_SECONDS = 30;

    protected $fillable = ['name', 'may_pair'];

    protected $casts = ['may_pair' => 'boolean', 'renewed_at' => 'datetime', 'seen_at' => 'datetime'];

    /** @return array{self, string} the device and the key it is to show */
    public static function admit(string $name, bool $mayPair): array
    {
        $key = self::random();
        $device = new self(['name' => $name, 'may_pair' => $mayPair]);
        $device->forceFill(['secret' => self::random(), 'key_hash' => self::hash($key), 'renewed_at' => now(), 'seen_at' => now()])->save();

        return [$device, $key];
    }

    /** The device that shows this key; null when there is none, or is none any more. */
    public static function showing(string $key): ?self
    {
        $hash = self::hash($key);
        $device = self::query()->where('key_hash', $hash)->orWhere('next_hash', $hash)->orWhere('previous_hash', $hash)->first();
        if ($device?->previous_hash === $hash && $device->renewed_at->diffInSeconds(now()) > self::OLD_KEY_GOOD_SECONDS) {
            $device->delete();

            return null;
        }

        return $device?->seen($hash);
    }

    private function seen(string $hash): self
    {
        if ($hash === $this->next_hash) {
            $this->forceFill(['previous_hash' => $this->key_hash, 'key_hash' => $hash, 'next_hash' => null, 'renewed_at' => now()]);
        }
        if ($this->isDirty() || $this->seen_at->diffInSeconds(now()) > self::SEEN_EVERY_SECONDS) {
            $this->forceFill(['seen_at' => now()])->save();
        }

        return $this;
    }

    /** The key it is to show from now on, when the one it shows is old; else null. */
    public function nextKey(string $key): ?string
    {
        if (self::hash($key) !== $this->key_hash || $this->renewed_at->diffInHours(now()) < self::RENEWED_AFTER_HOURS) {
            return null;
        }
        $next = hash_hmac('sha256', $key, $this->secret);
        $this->next_hash === self::hash($next) || $this->forceFill(['next_hash' => self::hash($next)])->save();

        return $next;
    }

    /** What its own pages say with every change they ask for, and no other page can know (synchronizer token, OWASP CSRF Prevention Cheat Sheet). */
    public function pageToken(): string
    {
        return hash_hmac('sha256', 'asked for by its own page', $this->secret);
    }

    private static function random(): string
    {
        return bin2hex(random_bytes(32));
    }

    private static function hash(string $key): string
    {
        return hash('sha256', $key);
    }
}
