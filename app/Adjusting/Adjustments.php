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
        'turn' => TurnPhoto::class, 'level' => LevelPhoto::class, 'border' => SetBorder::class, 'gridded' => GridPart::class, 'part' => ShowPart::class, 'aim' => AimCrop::class, 'crop' => TypeCrop::class, 'pull' => PullCrop::class,
        'inset' => TypeInset::class, 'plan' => AdoptPlan::class, 'feature' => FitFeature::class, 'whole' => KeepWhole::class, 'ruled' => AdoptRuled::class, 'carried' => AdoptCarried::class,
        'edge' => CorrectEdge::class, 'thing' => AddThing::class, 'shape' => AddShape::class, 'unit' => UseUnit::class,
        'way' => ChooseWay::class, 'print' => MeasurePrint::class, 'keep' => KeepFit::class, 'count' => CountSquares::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::KNOWN);
    }

    /**
     * Parts are laid over, lists are replaced.
     *
     * @param  array<array-key, mixed>  $part
     * @param  array<array-key, mixed>  $change
     * @return array<array-key, mixed>
     */
    private static function over(array $part, array $change): array
    {
        foreach ($change as $name => $value) {
            $part[$name] = is_array($value) && ! array_is_list($value) && is_array($part[$name] ?? null) ? self::over($part[$name], $value) : $value;
        }

        return $part;
    }

    /**
     * @param  array<array-key, mixed>  $how
     *
     * @throws ValidationException
     * @throws \InchLadder\Impossible also when the choices cannot be after it
     */
    public static function apply(string $name, ChoicesReader $read, array $how, ?int $wide, ?int $high): Followed
    {
        $adjusted = self::known($name)->apply($read, $how);
        $followed = PlacedThings::follow($read, BestPlan::read(self::changed($read, $adjusted), $wide, $high), $wide, $high);
        Plan::of($followed->read->choices);

        return new Followed($followed->read, trim("{$adjusted->said} {$followed->said}"));
    }

    /**
     * What it would make of the choices; what is placed follows once it is kept.
     *
     * @param  array<array-key, mixed>  $how
     *
     * @throws ValidationException
     * @throws \InchLadder\Impossible
     */
    public static function tried(string $name, ChoicesReader $read, array $how, ?int $wide, ?int $high): ChoicesReader
    {
        return BestPlan::read(self::changed($read, self::known($name)->apply($read, $how)), $wide, $high);
    }

    private static function known(string $name): Adjustment
    {
        $class = self::KNOWN[$name] ?? throw ValidationException::withMessages(['act' => Say::it('adjusting.unknown')]);

        return new $class;
    }

    /** @return array<array-key, mixed> the choices as they are after it */
    private static function changed(ChoicesReader $read, Adjusted $adjusted): array
    {
        return self::over($read->document(), $adjusted->changes);
    }
}
