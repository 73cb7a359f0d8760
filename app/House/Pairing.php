<?php

declare(strict_types=1);

namespace App\House;

use App\Models\PairedDevice;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Letting a device in by a code of six digits, that lives five minutes and works once. Wrong ones are counted, from
 * wherever they come: after five nobody gets in for ten minutes, so that a code is guessed with a chance of 5 in 10⁶.
 */
final class Pairing
{
    public const DIGITS = 6;

    public const MINUTES = 5;

    private const WRONG_ALLOWED = 5;

    private const CLOSED_MINUTES = 10;

    private const ROW = 1;

    /**
     * A new code; the one before it is good no more.
     *
     * @throws PairingRefused while it is closed
     */
    public static function begin(bool $mayPair): string
    {
        return DB::transaction(function () use ($mayPair): string {
            self::assertOpen(self::row());
            $code = str_pad((string) random_int(0, 10 ** self::DIGITS - 1), self::DIGITS, '0', STR_PAD_LEFT);
            self::write(['code_hash' => self::hash($code), 'may_pair' => $mayPair, 'expires_at' => now()->addMinutes(self::MINUTES)]);

            return $code;
        });
    }

    /** Opens it again though too many wrong codes came: whoever sits at the computer itself may. */
    public static function reopen(): void
    {
        self::write(['wrong' => 0, 'closed_until' => null]);
    }

    /** Ends the code that is open. */
    public static function end(): void
    {
        self::write(['code_hash' => null, 'expires_at' => null]);
    }

    /** Whether a code that was made is still waiting for its device. */
    public static function isOpen(): bool
    {
        $row = self::row();

        return $row['code_hash'] !== null && now()->lt((string) $row['expires_at']);
    }

    /** When it opens again, after too many wrong codes; null while it is open. */
    public static function closedUntil(): ?Carbon
    {
        return self::endOf(self::row());
    }

    /**
     * @param  string  $code  as it was typed; spaces are passed over
     * @return array{PairedDevice, string} the device and its key
     *
     * @throws PairingRefused where it opens nothing, or is closed
     */
    public static function redeem(string $code, string $name): array
    {
        $typed = (string) preg_replace('/[\s\-]+/', '', $code);
        $admitted = DB::transaction(function () use ($typed, $name): ?array {
            $row = self::row();
            self::assertOpen($row);
            // Compared whatever there is, and in the same time: whether a code waits is nobody's business either.
            $matches = hash_equals((string) ($row['code_hash'] ?? self::hash(random_bytes(8))), self::hash($typed));
            if ($matches && $row['code_hash'] !== null && now()->lt((string) $row['expires_at'])) {
                self::write(['code_hash' => null, 'expires_at' => null, 'wrong' => 0, 'closed_until' => null]);

                return PairedDevice::admit($name, (bool) $row['may_pair']);
            }
            $wrong = (int) $row['wrong'] + 1;
            self::write($wrong < self::WRONG_ALLOWED ? ['wrong' => $wrong] : ['wrong' => 0, 'code_hash' => null, 'closed_until' => now()->addMinutes(self::CLOSED_MINUTES)]);

            return null;
        });

        return $admitted ?? throw PairingRefused::wrong();
    }

    /** @param  array<string, mixed>  $row */
    private static function assertOpen(array $row): void
    {
        $until = self::endOf($row);
        $until === null || throw PairingRefused::closed((int) ceil(now()->diffInSeconds($until) / 60));
    }

    /** @param  array<string, mixed>  $row */
    private static function endOf(array $row): ?Carbon
    {
        $until = $row['closed_until'] === null ? null : Carbon::parse((string) $row['closed_until']);

        // Later than it can have been closed for, it was closed by a clock that was wrong.
        return $until?->isFuture() === true && $until <= now()->addMinutes(self::CLOSED_MINUTES) ? $until : null;
    }

    /** @return array<string, mixed> */
    private static function row(): array
    {
        return (array) DB::table('pairing')->where('id', self::ROW)->lockForUpdate()->first();
    }

    /** @param  array<string, mixed>  $values */
    private static function write(array $values): void
    {
        DB::table('pairing')->where('id', self::ROW)->update($values);
    }

    private static function hash(string $code): string
    {
        return hash('sha256', $code);
    }
}
