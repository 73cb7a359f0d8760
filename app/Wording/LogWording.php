<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Copying\Pass;

/** Says what sittings took and what they left open. */
final class LogWording
{
    /** `under a minute`, `25 min`, `1 h 5 min` */
    public static function length(int $seconds): string
    {
        $minutes = intdiv($seconds, 60);

        return match (true) {
            $minutes === 0 => Say::it($seconds === 0 ? 'log.none' : 'log.moments'),
            $minutes < 60 => Say::it('log.minutes', ['minutes' => $minutes]),
            $minutes % 60 === 0 => Say::it('log.hours', ['hours' => intdiv($minutes, 60)]),
            default => Say::it('log.hours and minutes', ['hours' => intdiv($minutes, 60), 'minutes' => $minutes % 60]),
        };
    }

    public static function pass(Pass $pass, int $through, int $of): string
    {
        return Say::it('log.pass', ['pass' => Say::it("copying.pass.{$pass->value}.name"), 'through' => $through, 'of' => $of]);
    }

    /**
     * @param  list<string>  $names  of cautions; one that is not known any more is left out
     * @return list<string>
     */
    public static function waved(array $names): array
    {
        return array_values(array_map(static fn (string $name): string => Say::it("log.caution.{$name}"), array_intersect(['early detail', 'check before tone'], $names)));
    }

    /**
     * @param  list<string>  $doubts
     * @param  list<string>  $notes
     * @param  list<string>  $out  lengths that do not pass
     * @param  list<string>  $missing  things not ticked
     * @return list<string>
     */
    public static function open(array $doubts, array $notes, array $out, array $missing): array
    {
        $said = [];
        foreach (['doubts' => $doubts, 'notes' => $notes, 'out' => $out, 'missing' => $missing] as $kind => $names) {
            if ($names !== []) {
                $said[] = Say::counted("log.open.{$kind}", count($names), ['names' => Say::listed($names)]);
            }
        }

        return $said;
    }
}
