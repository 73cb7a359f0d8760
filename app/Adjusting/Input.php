<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\Reading\Fields;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Measure\Rational;

/** Reads what was pointed at or typed. */
final class Input
{
    /**
     * A share of the picture, 0…1, as pointed at.
     *
     * @param  array<array-key, mixed>  $how
     */
    public static function share(array $how, string $name): Rational
    {
        $share = Fields::readShare($how[$name] ?? null) ?? throw ValidationException::withMessages([$name => Say::it('adjusting.nowhere')]);

        return Rational::larger(Rational::zero(), Rational::smaller(Rational::one(), $share));
    }

    /** @param  array<array-key, mixed>  $how */
    public static function typed(array $how, string $name): string
    {
        return is_string($how[$name] ?? null) ? trim($how[$name]) : '';
    }
}
