<?php

declare(strict_types=1);

namespace InchLadder\Finish;

/** How a study is carried over to the good sheet. */
enum Transfer: string
{
    case DarkBack = 'dark back';
    case WaxFree = 'wax-free paper';
    case LightBox = 'light box';
    case Pounce = 'pounce';
    case Traced = 'traced';

    /**
     * The ways there are under a medium, the one that suits it first (common practice): wax and graphite hold off water and
     * paint; a light box needs paper that light goes through; pounce leaves dots that brush off.
     *
     * @param  bool  $letsLightThrough  whether the good sheet does
     * @return non-empty-list<self>
     */
    public static function ways(Medium $medium, bool $letsLightThrough): array
    {
        $first = match (true) {
            $medium === Medium::Pastel => self::Pounce,
            $medium === Medium::Wash, $medium === Medium::Ink => $letsLightThrough ? self::LightBox : self::WaxFree,
            $medium === Medium::Paint => self::WaxFree,
            default => $letsLightThrough ? self::LightBox : self::DarkBack,
        };
        $ways = array_values(array_filter(self::cases(), static fn (self $way): bool => $way !== $first && ($way !== self::LightBox || $letsLightThrough)));

        return [$first, ...$ways];
    }

    /** Whether what is carried over comes out the other way round, so that the contour must be printed mirrored: drawn on the back, rubbed from the front. */
    public function turnsRound(): bool
    {
        return $this === self::Traced;
    }

    /** Why not under this medium, by its name in lang/en/finish; null where nothing speaks against it. */
    public function against(Medium $medium): ?string
    {
        return match (true) {
            $this === self::DarkBack && in_array($medium, [Medium::Wash, Medium::Ink, Medium::Paint], true) => 'graphite-under-wet',
            $this === self::DarkBack && $medium === Medium::Pastel => 'graphite-under-pastel',
            $this === self::Traced && in_array($medium, [Medium::Wash, Medium::Ink], true) => 'graphite-under-wet',
            $this === self::Pounce && $medium === Medium::Graphite => 'charcoal-under-graphite',
            default => null,
        };
    }

    /** @return list<string> the steps, by their names in lang/en/finish */
    public function steps(): array
    {
        return match ($this) {
            self::DarkBack => ['shot', 'print', 'back', 'place', 'hinge', 'trace', 'lift-a-corner', 'take-off'],
            self::WaxFree => ['shot', 'print', 'place', 'hinge', 'slip-under', 'trace', 'lift-a-corner', 'take-off'],
            self::LightBox => ['shot', 'print', 'place', 'hinge', 'draw-through', 'take-off'],
            self::Pounce => ['shot', 'print', 'prick', 'place', 'hinge', 'dab', 'take-off', 'join-dots'],
            self::Traced => ['shot', 'print', 'draw-back', 'place', 'hinge', 'rub', 'lift-a-corner', 'take-off'],
        };
    }
}
