<?php

declare(strict_types=1);

namespace InchLadder\Marks;

use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;

/**
 * Which mark of a frame to look at first, from whatever of its sides and diagonals was measured.
 *
 * Each corner ends two sides and one diagonal. When one mark has slipped, only those three are off, and the
 * three that do not touch it are right: a corner is suspect when nothing that does not touch it is off.
 */
final readonly class FrameCheck
{
    private const TOUCHING = [
        'top-left' => ['top', 'left', 'falling'],
        'top-right' => ['top', 'right', 'rising'],
        'bottom-right' => ['bottom', 'right', 'falling'],
        'bottom-left' => ['bottom', 'left', 'rising'],
    ];

    /**
     * @param  array<string, Length>  $off  what is off by more than the ruler can tell: measured less wanted
     * @param  string|null  $corner  the one corner that explains all of it: `top-left`
     * @param  list<string>  $unproved  what was not measured
     */
    private function __construct(public array $off, public ?string $corner, public array $unproved)
    {
    }

    /** The most that any length is off. */
    public function most(): Length
    {
        return array_reduce($this->off, static fn (Length $most, Length $error): Length => $error->absolute()->isLongerThan($most) ? $error->absolute() : $most, Length::zero());
    }

    /**
     * @param  array<string, Length>  $measured  of top, bottom, left, right, falling and rising
     * @param  Length  $graduation  the ruler's finest mark; less is no error
     */
    public static function of(Size $frame, array $measured, Length $graduation): self
    {
        $diagonal = Length::mm(Rational::near($frame->diagonal(), 4));
        $wanted = ['top' => $frame->width, 'bottom' => $frame->width, 'left' => $frame->height, 'right' => $frame->height, 'falling' => $diagonal, 'rising' => $diagonal];
        $off = [];
        foreach (array_intersect_key($measured, $wanted) as $name => $length) {
            $error = $length->minus($wanted[$name]);
            if ($error->absolute()->isLongerThan($graduation)) {
                $off[$name] = $error;
            }
        }
        $suspects = array_keys(array_filter(self::TOUCHING, static fn (array $touching): bool => $off !== [] && array_diff(array_keys($off), $touching) === []));

        return new self($off, count($suspects) === 1 ? $suspects[0] : null, array_values(array_diff(array_keys($wanted), array_keys($measured))));
    }
}
