<?php

declare(strict_types=1);

namespace InchLadder\Colour;

/** The layers of one area in their order, and what in it will not do: common practice with wax and oil pencils, and pastel. */
final class Layers
{
    public const MOST = 12;

    /** Pastel and wax fill the tooth: from so many layers on little more is held (common practice: four to six). */
    private const FULL = 6;

    /**
     * @param  list<Layer>  $layers
     * @return list<array{string, int}> what is wrong, by its name in lang/en/colours, and at which layer, from 0
     */
    public static function troubles(array $layers): array
    {
        $troubles = [];
        $burnished = $blended = $coloured = $laid = false;
        $count = 0;
        foreach ($layers as $i => $layer) {
            $lays = in_array($layer, [Layer::Under, Layer::Over], true);
            $trouble = match (true) {
                $lays && $burnished => 'after-burnish',
                $lays && $blended => 'after-blend',
                $layer === Layer::Groove && $laid => 'groove-late',
                $layer === Layer::Under && $coloured => 'under-late',
                in_array($layer, [Layer::Blend, Layer::Burnish, Layer::Lift], true) && ! $laid => 'nothing-yet',
                $layer === Layer::Lift && $burnished => 'lift-late',
                $lays && $count + 1 === self::FULL => 'full',
                default => null,
            };
            $trouble === null || $troubles[] = [$trouble, $i];
            $burnished = $burnished || ($layer === Layer::Burnish && $laid);
            $blended = $blended || ($layer === Layer::Blend && $laid);
            $coloured = $coloured || $layer === Layer::Over;
            $laid = $laid || $lays;
            $count += $lays ? 1 : 0;
        }

        return $troubles;
    }
}
