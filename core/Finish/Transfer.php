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
     * All of them, the one that suits first (common practice): nothing speaks against it, and what the least has to be bought for.
     *
     * @param  bool  $letsLightThrough  whether the good sheet does
     * @return non-empty-list<self>
     */
    public static function ways(Medium $medium, bool $letsLightThrough): array
    {
        $first = match (true) {
            $medium === Medium::Pastel => self::Pounce,
            $medium === Medium::Relief => self::DarkBack,
            $letsLightThrough && $medium !== Medium::Paint => self::LightBox,
            $medium === Medium::Graphite => self::DarkBack,
            default => self::WaxFree,
        };
        $against = static fn (self $way): bool => $way->against($medium, $letsLightThrough) !== null;
        $others = array_filter(self::cases(), static fn (self $way): bool => $way !== $first);

        return [$first, ...array_filter($others, static fn (self $way): bool => ! $against($way)), ...array_filter($others, $against)];
    }

    /** Whether what is carried over comes out the other way round, so that the contour must be printed mirrored: drawn on the back, rubbed from the front. */
    public function turnsRound(): bool
    {
        return $this === self::Traced;
    }

    /** Why not under this medium or on this sheet, by its name in lang/en/finish; null where nothing speaks against it. */
    public function against(Medium $medium, bool $letsLightThrough): ?string
    {
        // Both leave graphite behind, one traced and one rubbed.
        $graphite = $this === self::DarkBack || $this === self::Traced;

        return match (true) {
            $this === self::LightBox && ! $letsLightThrough => 'no-light',
            $graphite && in_array($medium, [Medium::Wash, Medium::Ink, Medium::Paint], true) => 'graphite-under-wet',
            $graphite && $medium === Medium::Pastel => 'graphite-under-pastel',
            $graphite && $medium === Medium::Crayon => 'graphite-under-wax',
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
