<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\MassPixels;
use App\Imaging\PhotoContours;
use App\Models\Photo;
use App\Wire\Json\MassesJson;
use App\Wire\Json\MassJson;
use InchLadder\Copying\ContoursInGrid;
use InchLadder\Masses\Locators;
use InchLadder\Masses\Mass;
use InchLadder\Masses\Masses;
use InchLadder\Measure\Rational;
use InchLadder\Plan\Plan;
use InchLadder\Tone\Greys;

/** Writes the big shapes of what is drawn, and the few inner lines to find the way by. */
final readonly class MassesWriter
{
    public function __construct(private MassPixels $pixels, private PhotoContours $contours)
    {
    }

    public function masses(Photo $photo, Plan $plan): MassesJson
    {
        $detail = $plan->choices->detail();
        $regions = $this->pixels->regions($photo, $plan, $detail->masses());
        $share = static fn (Rational $share): float => $share->toFloat();
        $masses = Masses::of($regions, $plan->choices->straight, array_map($share, $plan->layout->grid->columns), array_map($share, $plan->layout->grid->rows));
        // A thin thing is one line to find the way by, not two.
        $contours = $this->contours->inCells($photo, $plan->layout);

        return new MassesJson(
            array_map(static function (Mass $mass): MassJson {
                $grey = Greys::byte($mass->colour[0]);

                return new MassJson(array_map(self::line(...), $mass->rings), sprintf('#%02x%02x%02x', $grey, $grey, $grey), round($mass->share, 4));
            }, $masses->all),
            array_map(self::line(...), $masses->outlines),
            array_map(self::line(...), Locators::among($contours->all, ContoursInGrid::toCrop($contours, $plan->layout), $regions, $detail->locators(), $plan->choices->straight)),
        );
    }

    /**
     * @param  non-empty-list<array{float, float}>  $line
     * @return list<array{float, float}>
     */
    private static function line(array $line): array
    {
        return array_map(static fn (array $place): array => [round($place[0], 4), round($place[1], 4)], $line);
    }
}
