<?php

declare(strict_types=1);

namespace App\Documents\Choices;

use InchLadder\Measure\Unit;
use OpenApi\Attributes as OA;

/** All that is stored of a drawing; the document every request carries. */
#[OA\Schema]
final readonly class ChoicesJson
{
    /**
     * @param  list<PointChoice>  $points
     * @param  list<RegionChoice>  $regions
     * @param  list<ThingChoice>  $things
     * @param  list<SpanChoice>  $spans
     * @param  list<BesideChoice>  $beside
     * @param  list<KeptCrop>  $crops
     * @param  list<PinnedNote>  $pinned
     * @param  list<ShotChoice>  $shots
     * @param  list<MeantChoice>  $meant
     * @param  list<string>  $related
     * @param  list<StrokeChoice>  $strokes
     * @param  list<ShapeChoice>  $shapes
     */
    public function __construct(
        /** Of this document; 1. */
        #[OA\Property] public int $format,
        #[OA\Property] public string $title,
        #[OA\Property(enum: Unit::class)] public string $unit,
        /** The finest division, like 1/16 in. */
        #[OA\Property] public string $ruler,
        /** How long the ruler is, as typed; null when it reaches everywhere. */
        #[OA\Property] public ?string $reach,
        #[OA\Property] public PhotoChoice $photo,
        #[OA\Property] public PaperChoice $paper,
        #[OA\Property] public FitChoice $fit,
        #[OA\Property] public GridChoice $grid,
        #[OA\Property] public CopyChoice $copy,
        #[OA\Property] public ToneChoice $tone,
        #[OA\Property] public FinishChoice $finish,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PointChoice::class))] public array $points,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RegionChoice::class))] public array $regions,
        /** The one in front first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ThingChoice::class))] public array $things,
        /** Lengths taken, to be compared. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: SpanChoice::class))] public array $spans,
        /** Other pictures, not for measuring. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: BesideChoice::class))] public array $beside,
        /** Crops kept side by side. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: KeptCrop::class))] public array $crops,
        /** The artist’s own notes, that come up when what they are pinned to is opened. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: PinnedNote::class))] public array $pinned,
        /** Photographs of the drawing, the oldest first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShotChoice::class))] public array $shots,
        /** What was changed on purpose. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MeantChoice::class))] public array $meant,
        /** How things stand to each other, as far as that was ticked on the drawing; by their names. */
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $related,
        /** How strokes run where the hand said so. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: StrokeChoice::class))] public array $strokes,
        /** Ovals, boxes and triangles laid over the picture. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShapeChoice::class))] public array $shapes,
    ) {
    }
}
