<?php

declare(strict_types=1);

namespace App\Wire;

use App\Imaging\TonePixels;
use App\Models\Drawing;
use App\Models\Photo;
use App\Wire\Json\ToneBoxJson;
use App\Wire\Json\TonesJson;
use App\Wire\Json\ToneSpotJson;
use App\Wording\Phrases;
use App\Wording\Say;
use InchLadder\Plan\Plan;
use InchLadder\Tone\Bar;
use InchLadder\Tone\Greys;
use InchLadder\Tone\Spot;
use InchLadder\Tone\Spots;
use InchLadder\Tone\Swatch;
use InchLadder\Tone\Threshold;
use InchLadder\Tone\ValueScale;

/** Writes the tones of a drawing's photo: the bar, how much there is of each step, and where it is lightest and darkest. */
final readonly class TonesWriter
{
    public function __construct(private TonePixels $sight)
    {
    }

    public function tones(Drawing $drawing, Plan $plan): TonesJson
    {
        $bar = $plan->choices->tones->bar();
        if ($drawing->photo === null) {
            return new TonesJson(null, null, array_map(static fn (Swatch $box): ToneBoxJson => self::box($box, ''), $bar->boxes), [], [Phrases::bar($bar)]);
        }
        $crop = $this->sight->crop($drawing->photo, $plan);
        $scale = ValueScale::over($crop, $plan->choices->tones->steps);
        $shares = $scale->shares($crop);
        $parting = Threshold::of($crop);
        $percent = static fn (float $share): string => ($share > 0 && $share < 0.005 ? 'under 1' : (string) round(100 * $share)).' %';
        $scarce = array_keys(array_filter($shares, static fn (float $share): bool => $share < 0.01));
        $most = (int) array_search(max([0, ...$shares]), $shares, true);

        return new TonesJson(
            $this->picture($drawing->photo, $plan, $bar, $scale->light, $scale->dark),
            $this->picture($drawing->photo, $plan, Bar::of(2, true, $plan->choices->tones->paper), 2 * $parting->threshold, 0),
            array_map(static fn (Swatch $box): ToneBoxJson => self::box($box, $percent($shares[$box->number])), $bar->boxes),
            $this->spots($drawing->photo, $plan, $scale, Spots::of($crop)),
            array_values(array_filter([
                Phrases::bar($bar),
                Say::it('tones.most', ['step' => $most, 'share' => $percent($shares[$most])]),
                $scarce === [] ? null : Say::it('tones.scarce', ['steps' => Say::listed(array_map(strval(...), $scarce))]),
                Phrases::threshold($parting),
            ])),
        );
    }

    /**
     * The tone of one place, with what surrounds it hidden.
     *
     * @param  float  $x  share of the crop's width, 0…1
     * @param  float  $y  share of its height
     */
    public function probe(Photo $photo, Plan $plan, float $x, float $y): ToneSpotJson
    {
        return $this->spot($photo, $plan, ValueScale::over($this->sight->crop($photo, $plan), $plan->choices->tones->steps), $x, $y, null);
    }

    /**
     * @param  array{light: Spot, darks: list<Spot>}  $found
     * @return list<ToneSpotJson>
     */
    private function spots(Photo $photo, Plan $plan, ValueScale $scale, array $found): array
    {
        return [
            $this->spot($photo, $plan, $scale, $found['light']->x, $found['light']->y, Say::it('tones.lightest')),
            ...array_map(fn (Spot $dark, int $i): ToneSpotJson => $this->spot($photo, $plan, $scale, $dark->x, $dark->y, Say::it("tones.order.{$i}")), $found['darks'], array_keys($found['darks'])),
        ];
    }

    private function spot(Photo $photo, Plan $plan, ValueScale $scale, float $x, float $y, ?string $name): ToneSpotJson
    {
        $crop = $plan->layout->fitted->crop;
        [$colour, $lightness] = $this->sight->patch($photo, $plan, $crop->left->toFloat() + $x * $crop->width->toFloat(), $crop->top->toFloat() + $y * $crop->height->toFloat());
        $step = $scale->step($lightness);
        [$column, $row] = $plan->layout->grid->cellAt($x, $y);

        return new ToneSpotJson(round($x, 6), round($y, 6), $colour, $step, Say::it('tones.spot.'.($name === null ? 'plain' : 'named'), ['name' => $name ?? '', 'step' => $step, 'cell' => $plan->layout->addresses->of($column, $row)]));
    }

    /** A picture in the bar's own greys, so that the two can be held against each other; it is named by what it shows. */
    private function picture(Photo $photo, Plan $plan, Bar $bar, float $light, float $dark): string
    {
        $query = array_filter([http_build_query(['greys' => implode('-', array_map(static fn (Swatch $box): int => Greys::byte($box->lightness), $bar->boxes)), 'light' => round($light, 2), 'dark' => round($dark, 2), 'drop' => $plan->choices->tones->drop]), FramingQuery::write($plan->choices->framing)]);

        return "/api/photos/{$photo->id}/tones.jpg?".implode('&', $query);
    }

    private static function box(Swatch $box, string $share): ToneBoxJson
    {
        return new ToneBoxJson($box->number, Greys::hex($box->lightness), $box->isPaper, $share);
    }
}
