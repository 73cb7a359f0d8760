<?php

declare(strict_types=1);

namespace App\Wire;

use App\Documents\Choices\LayerChoice;
use App\Documents\Choices\ThingChoice;
use App\Imaging\ShownTones;
use App\Imaging\TonePixels;
use App\Models\Drawing;
use App\Models\OwnPencil;
use App\Models\Photo;
use App\Shots\ShotTones;
use App\Wire\Json\BoxJson;
use App\Wire\Json\NotesJson;
use App\Wire\Json\PartingJson;
use App\Wire\Json\ReachedJson;
use App\Wire\Json\StartJson;
use App\Wire\Json\ToneBoxJson;
use App\Wire\Json\TonesJson;
use App\Wire\Json\ToneSpotJson;
use App\Wording\ColourWording;
use App\Wording\FinishWording;
use App\Wording\Phrases;
use App\Wording\Say;
use InchLadder\Colour\Kind;
use InchLadder\Colour\Layer;
use InchLadder\Colour\Pencil;
use InchLadder\Colour\Reflectance;
use InchLadder\Finish\Medium;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;
use InchLadder\Pixels\Lab;
use InchLadder\Plan\Plan;
use InchLadder\Tone\Bar;
use InchLadder\Tone\Greys;
use InchLadder\Tone\KeptWhites;
use InchLadder\Tone\LaidTones;
use InchLadder\Tone\Order;
use InchLadder\Tone\Reach;
use InchLadder\Tone\Spot;
use InchLadder\Tone\Spots;
use InchLadder\Tone\Swatch;
use InchLadder\Tone\Threshold;
use InchLadder\Tone\ValueScale;

/** Writes the tones of a drawing's photo: the bar, how much there is of each step, and where it is lightest and darkest. */
final readonly class TonesWriter
{
    public function __construct(private TonePixels $sight, private ShotTones $shots)
    {
    }

    public function tones(Drawing $drawing, Plan $plan): TonesJson
    {
        $bar = $plan->choices->tones->bar();
        if ($drawing->photo === null) {
            [$order, $orders] = self::order($plan);

            return new TonesJson(
                few: null,
                two: null,
                parting: null,
                query: null,
                bar: array_map(static fn (Swatch $box): ToneBoxJson => self::box($box, $plan->choices->tones->paper, ''), $bar->boxes),
                spots: [],
                sums: [Phrases::bar($bar)],
                reach: self::reach($plan, $bar),
                background: ColoursWriter::background($plan),
                care: self::care($drawing, $plan),
                layers: self::layers($drawing),
                order: $order,
                orders: $orders,
            );
        }
        $crop = $this->sight->crop($drawing->photo, $plan);
        $scale = ValueScale::over($crop, $plan->choices->tones->steps);
        $shown = $this->sight->shown($drawing->photo, $plan);
        $shares = array_combine(array_column($bar->boxes, 'number'), $shown->shares($plan->layout->fitted->crop));
        $parting = Threshold::of($crop, $plan->choices->tones->threshold);
        $percent = static fn (float $share): string => ($share > 0 && $share < 0.005 ? 'under 1' : (string) round(100 * $share)).' %';
        $scarce = array_keys(array_filter($shares, static fn (float $share): bool => $share < 0.01));
        $drawn = $this->shots->drawn($drawing, $plan);
        $laid = $drawn === null ? null : LaidTones::of($drawn, $bar, $shares);
        $whites = KeptWhites::in($plan->layout);
        $most = (int) array_search(max([0, ...$shares]), $shares, true);

        return new TonesJson(
            $this->picture($drawing->photo, $plan, $bar, $scale->light, $scale->dark),
            $this->picture($drawing->photo, $plan, Bar::of(2, true, $plan->choices->tones->paper), 2 * $parting->threshold, 0),
            new PartingJson(round($parting->threshold, 1), Phrases::threshold($parting)),
            TonesQuery::write($bar, $scale->light, $scale->dark, $plan->choices->tones->drop),
            array_map(static fn (Swatch $box): ToneBoxJson => self::box($box, $plan->choices->tones->paper, $percent($shares[$box->number]), $laid === null ? null : $percent($laid->drawn[$box->number])), $bar->boxes),
            $this->spots($drawing->photo, $plan, $shown, Spots::of($crop)),
            array_values(array_filter([
                Phrases::bar($bar),
                Say::it('tones.most', ['step' => $most, 'share' => $percent($shares[$most])]),
                $scarce === [] ? null : Say::it('tones.scarce', ['steps' => Say::listed(array_map(strval(...), $scarce))]),
                ...$laid === null ? [] : self::laid($laid),
                $whites->places === [] ? null : Say::counted('finish.words.whites', count($whites->places)).' '.FinishWording::whites($drawn === null ? null : $whites->soiled($drawn, $plan->choices->colour->lightness())),
            ])),
            self::reach($plan, $bar), ColoursWriter::background($plan), self::care($drawing, $plan), self::layers($drawing), ...self::order($plan),
        );
    }

    /**
     * The tone of one place, with what surrounds it hidden.
     *
     * @param  float  $x  share of the crop's width, 0…1
     * @param  float  $y  share of its height
     * @param  array{float, float}|null  $from  another place, to be compared with
     */
    public function probe(Photo $photo, Plan $plan, float $x, float $y, ?array $from = null): ToneSpotJson
    {
        $shown = $this->sight->shown($photo, $plan);

        return $this->spot($photo, $plan, $shown, $x, $y, null, $from === null ? null : $this->compared($photo, $plan, $shown, $from, [$x, $y]));
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private function compared(Photo $photo, Plan $plan, ShownTones $shown, array $from, array $to): string
    {
        [$before, $now] = [$this->lightness($photo, $plan, ...$from)[1], $this->lightness($photo, $plan, ...$to)[1]];
        $steps = abs(self::step($plan, $shown, ...$to) - self::step($plan, $shown, ...$from));
        $by = (int) round(abs($now - $before));

        return match (true) {
            $by === 0 => Say::it('tones.compared.same'),
            default => Say::it($now < $before ? 'tones.compared.darker' : 'tones.compared.lighter', ['by' => $by, 'steps' => Say::counted('tones.compared.steps', $steps)]),
        };
    }

    /** @return array{string, float} colour and L* of a place of the crop */
    private function lightness(Photo $photo, Plan $plan, float $x, float $y): array
    {
        return $this->sight->patch($photo, $plan, ...self::onPicture($plan, $x, $y));
    }

    /** The number of the step a place of the crop is shown in. */
    private static function step(Plan $plan, ShownTones $shown, float $x, float $y): int
    {
        return $shown->step(...self::onPicture($plan, $x, $y)) - 1 + $plan->choices->tones->first;
    }

    /** @return array{float, float} a place of the crop as shares of the whole picture */
    private static function onPicture(Plan $plan, float $x, float $y): array
    {
        $crop = $plan->layout->fitted->crop;

        return [$crop->left->toFloat() + $x * $crop->width->toFloat(), $crop->top->toFloat() + $y * $crop->height->toFloat()];
    }

    /**
     * @param  array{light: Spot, darks: list<Spot>}  $found
     * @return list<ToneSpotJson>
     */
    private function spots(Photo $photo, Plan $plan, ShownTones $shown, array $found): array
    {
        return [
            $this->spot($photo, $plan, $shown, $found['light']->x, $found['light']->y, Say::it('tones.lightest')),
            ...array_map(fn (Spot $dark, int $i): ToneSpotJson => $this->spot($photo, $plan, $shown, $dark->x, $dark->y, Say::it("tones.order.{$i}")), $found['darks'], array_keys($found['darks'])),
        ];
    }

    private function spot(Photo $photo, Plan $plan, ShownTones $shown, float $x, float $y, ?string $name, ?string $compared = null): ToneSpotJson
    {
        [$colour] = $this->lightness($photo, $plan, $x, $y);
        $step = self::step($plan, $shown, $x, $y);
        [$column, $row] = $plan->layout->grid->cellAt($x, $y);

        return new ToneSpotJson(round($x, 6), round($y, 6), $colour, $step, Say::it('tones.spot.'.($name === null ? 'plain' : 'named'), ['name' => $name ?? '', 'step' => $step, 'cell' => $plan->layout->addresses->of($column, $row)]), $plan->layout->addresses->of($column, $row), self::cell($plan, $column, $row), $compared);
    }

    /** Where a cell lies in the crop. */
    private static function cell(Plan $plan, int $column, int $row): BoxJson
    {
        $grid = $plan->layout->grid;
        $at = static fn (Rational $share): float => round($share->toFloat(), 6);

        return new BoxJson($at($grid->columns[$column]), $at($grid->rows[$row]), $at($grid->across->span($column)), $at($grid->down->span($row)));
    }

    /** A picture in the bar's own greys, so that the two can be held against each other; it is named by what it shows. */
    private function picture(Photo $photo, Plan $plan, Bar $bar, float $light, float $dark): string
    {
        $query = array_filter([TonesQuery::write($bar, $light, $dark, $plan->choices->tones->drop), FramingQuery::write($plan->choices->framing)]);

        return "/api/photos/{$photo->id}/tones.png?".implode('&', $query);
    }

    /** What a cut of the photo is asked for with, to be shown in the tones that are counted. */
    public function query(Photo $photo, Plan $plan): string
    {
        $scale = ValueScale::over($this->sight->crop($photo, $plan), $plan->choices->tones->steps);

        return TonesQuery::write($plan->choices->tones->bar(), $scale->light, $scale->dark, $plan->choices->tones->drop);
    }

    /** @return list<string> what smudges under this medium, and what keeps it from doing so */
    private static function care(Drawing $drawing, Plan $plan): array
    {
        $care = array_values(array_filter(array_map(strval(...), Say::all("tones.care.{$plan->choices->medium->value}"))));
        $over = array_sum(array_map(static fn (ThingChoice $thing): int => count(array_filter($thing->layers, static fn (LayerChoice $one): bool => $one->how === Layer::Over->value)), $drawing->read()->json->things));

        return $over > 0 && in_array($plan->choices->medium, [Medium::Pastel, Medium::Crayon], true) ? [...$care, Say::counted('tones.reworks', $over)] : $care;
    }

    /** @return list<NotesJson> */
    private static function layers(Drawing $drawing): array
    {
        $notes = array_map(static fn (ThingChoice $thing): NotesJson => new NotesJson($thing->name, ColourWording::troubles(array_map(static fn (LayerChoice $one): Layer => Layer::from($one->how), $thing->layers))), $drawing->read()->json->things);

        return array_values(array_filter($notes, static fn (NotesJson $one): bool => $one->lines !== []));
    }

    /** Pencils of the kind that the medium is drawn with; for what is inked, washed or painted, those of graphite. */
    private static function reach(Plan $plan, Bar $bar): ?ReachedJson
    {
        $kind = match ($plan->choices->medium) {
            Medium::Crayon => Kind::Thin,
            Medium::Pastel => Kind::Body,
            default => Kind::Graphite,
        };
        $ground = Reflectance::ofHex($plan->choices->colour->hex()) ?? Reflectance::grey(100);
        $own = array_values(array_filter(OwnPencil::known(), static fn (Pencil $one): bool => $one->kind === $kind));
        $reach = Reach::of($bar, array_map(static fn (Pencil $one): float => $one->on($ground)->lab()->lightness, $own));
        if ($reach === null) {
            return null;
        }
        $light = $bar->paperIsLight ? '' : ' light';
        $isSet = $plan->choices->tones->end !== null;

        return new ReachedJson(
            $reach->out, round($reach->end, 1),
            $reach->out === [] ? Say::it($isSet ? 'colours.reach.set' : 'colours.reach.all') : Say::counted("colours.reach.out{$light}", count($reach->out), ['steps' => Say::listed(array_map(strval(...), $reach->out)), 'name' => $own[$reach->by]->name, 'l' => (int) round($reach->end)]),
            $reach->out === [] ? null : Say::it("colours.reach.do{$light}"),
        );
    }

    /** @return array{string, list<StartJson>} what is chosen, and the ways there are */
    private static function order(Plan $plan): array
    {
        return [$plan->choices->order()->value, array_map(static fn (Order $order): StartJson => new StartJson($order->value, Say::it("tones.way.{$order->value}.name"), Say::it("tones.way.{$order->value}.why")), Order::cases())];
    }

    /** @return list<string> how the drawing's tones stand beside the photo's */
    private static function laid(LaidTones $laid): array
    {
        if ($laid->isBare()) {
            return [Say::it('tones.laid.bare')];
        }
        $by = Fractions::places(Rational::near(abs($laid->paler), 1), 1);

        return array_values(array_filter([
            abs($laid->paler) < 0.25 ? Say::it('tones.laid.even') : Say::it($laid->paler > 0 ? 'tones.laid.paler' : 'tones.laid.darker', ['by' => $by]),
            $laid->missing === [] ? null : Say::counted('tones.laid.missing', count($laid->missing), ['steps' => Say::listed(array_map(strval(...), $laid->missing))]),
        ]));
    }

    /** @param  float  $paper  L* of the sheet */
    private static function box(Swatch $box, float $paper, string $share, ?string $drawn = null): ToneBoxJson
    {
        return new ToneBoxJson($box->number, Greys::hex($box->lightness), Greys::hex(Lab::lightnessOfLight(min(1.0, Lab::light($box->lightness) / Lab::light($paper)))), $box->isPaper, $share, $drawn);
    }
}
