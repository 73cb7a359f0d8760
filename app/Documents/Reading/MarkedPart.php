<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Documents\Choices\BesideChoice;
use App\Documents\Choices\DrawnChoice;
use App\Documents\Choices\KeptCrop;
use App\Documents\Choices\PinChoice;
use App\Documents\Choices\PointChoice;
use App\Documents\Choices\RegionChoice;
use App\Documents\Choices\SpanChoice;
use App\Documents\Choices\StrokeChoice;
use App\Wording\Say;
use Illuminate\Support\Str;
use InchLadder\Layout\Drawn;
use InchLadder\Layout\KeyPoint;
use InchLadder\Layout\Pin;
use InchLadder\Layout\Region;
use InchLadder\Layout\RegionUse;
use InchLadder\Layout\Span;
use InchLadder\Measure\Rational;

/** Reads what was marked on the reference: key points, regions, and crops kept side by side. */
final readonly class MarkedPart
{
    /** As many cells as are drawn by hand (ours). */
    private const MOST_STROKES = 120;

    private const MOST_CROPS = 12;

    private const MOST_BESIDE = 12;

    /** @var list<PointChoice> */
    public array $points;

    /** @var list<RegionChoice> */
    public array $regions;

    /** @var list<SpanChoice> */
    public array $spans;

    /** @var list<StrokeChoice> */
    public array $strokes;

    /** @var list<BesideChoice> */
    public array $beside;

    /** @var list<KeptCrop> */
    public array $crops;

    public function __construct(private Fields $fields)
    {
        // A place that was on the picture may lie beside it, once a border is left off; it comes back with it.
        $share = static fn (string $field): string => $fields->place($field) ?? '0';
        $this->points = array_map(static fn (int $i): PointChoice => new PointChoice(
            $fields->words("points.{$i}.name", 40) ?: Say::it('choices.point', ['n' => $i + 1]), $share("points.{$i}.x"), $share("points.{$i}.y"), $fields->flag("points.{$i}.cross"), $fields->flag("points.{$i}.firm"), $fields->flag("points.{$i}.critical"),
            is_array($fields->at("points.{$i}.drawn")) ? self::drawn($fields, "points.{$i}.drawn") : null,
            is_array($fields->at("points.{$i}.pin")) ? new PinChoice($fields->typed("points.{$i}.pin.left") ?? $fields->canonical("points.{$i}.pin.left", '0'), $fields->typed("points.{$i}.pin.top") ?? $fields->canonical("points.{$i}.pin.top", '0')) : null,
        ), $fields->entries('points', KeyPoint::MOST));
        $this->regions = array_map(static fn (int $i): RegionChoice => new RegionChoice(
            $share("regions.{$i}.left"), $share("regions.{$i}.top"), $share("regions.{$i}.width"), $share("regions.{$i}.height"),
            $fields->one("regions.{$i}.use", RegionUse::class)->value,
        ), $fields->entries('regions', Region::MOST));
        $this->strokes = array_map(static fn (int $i): StrokeChoice => new StrokeChoice($share("strokes.{$i}.x1"), $share("strokes.{$i}.y1"), $share("strokes.{$i}.x2"), $share("strokes.{$i}.y2")), $fields->entries('strokes', self::MOST_STROKES));
        $this->spans = array_map(static fn (int $i): SpanChoice => new SpanChoice(
            $fields->words("spans.{$i}.name", 40) ?: Say::it('choices.span', ['n' => $i + 1]), $share("spans.{$i}.x1"), $share("spans.{$i}.y1"), $share("spans.{$i}.x2"), $share("spans.{$i}.y2"), $fields->typedPositive("spans.{$i}.drawn", static fn (): string => Say::it('choices.drawn of nothing')),
        ), $fields->entries('spans', Span::MOST));
        $this->beside = array_map(static function (int $i) use ($fields): BesideChoice {
            $id = $fields->words("beside.{$i}.id", 40);
            if (! Str::isUlid($id)) {
                $fields->wrong('beside', Say::it('choices.picture unknown'));
            }

            return new BesideChoice($id, $fields->words("beside.{$i}.name", 60) ?: Say::it('choices.another picture'));
        }, $fields->entries('beside', self::MOST_BESIDE));
        $this->crops = array_map(static fn (int $i): KeptCrop => new KeptCrop(
            $fields->words("crops.{$i}.name", 40) ?: Say::it('choices.crop', ['n' => $i + 1]), (new FitPart($fields, "crops.{$i}.fit"))->json,
        ), $fields->entries('crops', self::MOST_CROPS));
    }

    /** Nothing of it measured is not measured. */
    private static function drawn(Fields $fields, string $at): ?DrawnChoice
    {
        $drawn = new DrawnChoice($fields->typed("{$at}.left"), $fields->typed("{$at}.top"));

        return $drawn->left === null && $drawn->top === null ? null : $drawn;
    }

    /** @return list<KeyPoint> */
    public function points(): array
    {
        return array_map(fn (PointChoice $point): KeyPoint => new KeyPoint(
            $point->name, Rational::of($point->x), Rational::of($point->y), $point->cross, $point->pin === null ? null : new Pin($this->fields->length($point->pin->left), $this->fields->length($point->pin->top)), $point->firm, $point->critical,
            $point->drawn === null ? null : new Drawn($point->drawn->left === null ? null : $this->fields->length($point->drawn->left), $point->drawn->top === null ? null : $this->fields->length($point->drawn->top)),
        ), $this->points);
    }

    /** @return list<Span> */
    public function strokes(): array
    {
        return array_values(array_filter(array_map(fn (StrokeChoice $one): ?Span => $this->fields->beside('strokes', static fn (): Span => new Span(
            '', Rational::of($one->x1), Rational::of($one->y1), Rational::of($one->x2), Rational::of($one->y2), null,
        )), $this->strokes)));
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return array_values(array_filter(array_map(fn (SpanChoice $span): ?Span => $this->fields->beside('spans', fn (): Span => new Span(
            $span->name, Rational::of($span->x1), Rational::of($span->y1), Rational::of($span->x2), Rational::of($span->y2), $span->drawn === null ? null : $this->fields->length($span->drawn),
        )), $this->spans)));
    }

    /** @return list<Region> */
    public function regions(): array
    {
        return array_map(static fn (RegionChoice $region): Region => new Region(
            Rational::of($region->left), Rational::of($region->top), Rational::of($region->width), Rational::of($region->height), RegionUse::from($region->use),
        ), $this->regions);
    }
}
