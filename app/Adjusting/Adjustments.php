<?php

declare(strict_types=1);

namespace App\Adjusting;

use App\Documents\BestPlan;
use App\Documents\ChoicesReader;
use App\Documents\Followed;
use App\Documents\PlacedThings;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Plan\Plan;

/** The adjustments by name. A new one is a class beside this and a line here. */
final class Adjustments
{
    private const KNOWN = [
        'turn' => TurnPhoto::class, 'level' => LevelPhoto::class, 'border' => SetBorder::class, 'aim' => AimCrop::class, 'crop' => TypeCrop::class,
        'inset' => TypeInset::class, 'plan' => AdoptPlan::class, 'feature' => FitFeature::class, 'whole' => KeepWhole::class, 'ruled' => AdoptRuled::class, 'carried' => AdoptCarried::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::KNOWN);
    }

    /**
     * @param  array<array-key, mixed>  $how
     *
     * @throws ValidationException
     * @throws \InchLadder\Impossible also when the choices cannot be after it
     */
    public static function apply(string $name, ChoicesReader $read, array $how, ?int $wide, ?int $high): Followed
    {
        $class = self::KNOWN[$name] ?? throw ValidationException::withMessages(['act' => Say::it('adjusting.unknown')]);
        $adjusted = (new $class)->apply($read, $how);
        $document = $read->document();
        foreach ($adjusted->changes as $part => $change) {
            // Lists are replaced, parts are laid over.
            $document[$part] = array_is_list($change) ? $change : array_replace_recursive($document[$part], $change);
        }
        $followed = PlacedThings::follow($read, BestPlan::read($document, $wide, $high), $wide, $high);
        Plan::of($followed->read->choices);

        return new Followed($followed->read, trim("{$adjusted->said} {$followed->said}"));
    }
}
