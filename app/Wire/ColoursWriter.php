<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\TonePixels;
use App\Models\OwnPencil;
use App\Models\Photo;
use App\Wire\Json\ColourJson;
use App\Wire\Json\LaidJson;
use App\Wording\ColourWording;
use App\Wording\Say;
use InchLadder\Colour\Described;
use InchLadder\Colour\Laid;
use InchLadder\Colour\Nearest;
use InchLadder\Colour\Neutral;
use InchLadder\Colour\Reflectance;
use InchLadder\Finish\Medium;
use InchLadder\Paper\Colour;
use InchLadder\Plan\Plan;

/** Writes the colour of a place, and which of one's own pencils come near to it on this paper. */
final readonly class ColoursWriter
{
    public function __construct(private TonePixels $sight)
    {
    }

    /**
     * @param  float  $x  share of the crop's width, 0…1
     * @param  float  $y  share of its height
     */
    public function at(Photo $photo, Plan $plan, float $x, float $y): ColourJson
    {
        $crop = $plan->layout->fitted->crop;
        [$hex] = $this->sight->patch($photo, $plan, $crop->left->toFloat() + $x * $crop->width->toFloat(), $crop->top->toFloat() + $y * $crop->height->toFloat());
        $wanted = (Reflectance::ofHex($hex) ?? Reflectance::grey(50))->lab();
        $ground = Reflectance::ofHex($plan->choices->colour->hex()) ?? Reflectance::grey(100);
        $pencils = OwnPencil::known();
        $nearest = Nearest::to($wanted, $pencils, $ground);
        $grey = Neutral::of($wanted->lightness, $pencils, $ground);
        $told = Described::of($wanted);

        return new ColourJson(
            round($x, 6), round($y, 6), $hex, ColourWording::told($wanted), ColourWording::numbers($wanted),
            Reflectance::ofLab($told->stronger())->hex(),
            Reflectance::ofLab($told->complement())->hex(), Say::it('colours.complement', ['hue' => Say::it('colours.hue.'.Described::of($told->complement())->hue->value)]),
            array_map(static fn (Laid $one): LaidJson => new LaidJson($one->seen->hex(), ColourWording::laid($one, $wanted)), array_values(array_filter([$nearest?->alone, $nearest?->two]))),
            array_map(static fn (array $one): LaidJson => new LaidJson($one[0]->seen->hex(), $one[1]), ColourWording::greys($grey, $wanted->lightness)),
            array_values(array_filter([
                $pencils === [] ? Say::it('colours.no pencils') : null,
                $nearest !== null && $nearest->two === null && count($pencils) > 1 ? Say::it('colours.two no nearer') : null,
                $pencils === [] ? null : Say::it($grey->mixed === null ? 'colours.grey.none' : 'colours.grey.why'),
                $plan->choices->colour === Colour::White ? null : Say::it('colours.ground'),
                Say::it('colours.screen'),
            ])),
            $ground->hex(),
        );
    }

    /** That the background comes first, where it does; null elsewhere. */
    public static function background(Plan $plan): ?string
    {
        return match (true) {
            $plan->choices->medium === Medium::Pastel => Say::it('colours.background.pastel'),
            $plan->choices->colour !== Colour::White && $plan->choices->medium !== Medium::Relief => Say::it('colours.background.ground'),
            $plan->choices->medium === Medium::Crayon => Say::it('colours.background.crayon'),
            default => null,
        };
    }
}
