<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\ChoicesJson;
use OpenApi\Attributes as OA;

/** Everything that follows from the choices. */
#[OA\Post(
    path: '/api/workings',
    operationId: 'workings',
    requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WorkingsRequest::class)),
    responses: [new OA\Response(response: 200, description: 'Everything that follows.', content: new OA\JsonContent(ref: WorkingsJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')],
)]
#[OA\Schema]
final readonly class WorkingsJson
{
    /**
     * @param  list<ReadingsJson>  $across
     * @param  list<ReadingsJson>  $down
     * @param  list<DividedJson>  $divided
     * @param  list<KeyPointJson>  $points
     * @param  list<ReachJson>  $reaches
     * @param  array<string, list<CautionJson>>  $cautions
     * @param  list<ThingJson>  $things
     * @param  list<BoxJson>  $whites
     * @param  list<ShapeJson>  $shapes
     */
    public function __construct(
        /** The choices as understood: units added, bounds applied. */
        #[OA\Property] public ChoicesJson $choices,
        #[OA\Property] public PictureJson $picture,
        #[OA\Property] public CropJson $crop,
        /** What comes off each side of the photo. */
        #[OA\Property] public SidesJson $trimmed,
        /** Side of the crop against the largest of its shape, and of the drawing against the largest inset; 0…1. */
        #[OA\Property] public float $crop_size,
        #[OA\Property] public float $inset_size,
        #[OA\Property] public TypedJson $typed,
        /** What is trimmed of the photo, and what is left of the paper, in words; asked for on Fit alone. */
        #[OA\Property] public string $trimming,
        #[OA\Property] public string $left_over,
        /** How much of the photo is trimmed, `13.7 %`; null for nothing. */
        #[OA\Property] public ?string $trimmed_share,
        /** Of the drawing, width ÷ height, to three places. */
        #[OA\Property] public string $shape,
        #[OA\Property] public AreaJson $drawing,
        /** Null where the drawing fills its box. */
        #[OA\Property] public ?OutlineJson $outline,
        /** From the drawing to each edge of the sheet. */
        #[OA\Property] public SidesJson $to_edges,
        #[OA\Property] public SizeJson $leftover,
        #[OA\Property] public ScaleJson $scale,
        #[OA\Property] public StretchJson $stretch,
        /** How many times larger, as `×1 1/2`, or `×1 1/8 by ×1 1/10` under a stretch; null on a screen. */
        #[OA\Property] public ?string $factor,
        #[OA\Property] public GridJson $grid,
        /** The way round it lies. */
        #[OA\Property] public SizeJson $sheet,
        /** The sheet inside its margins. */
        #[OA\Property] public AreaJson $usable,
        /** The whole picture on the print, null on a screen. */
        /** CSS colour of the sheet; null for white. */
        #[OA\Property] public ?string $paper_colour,
        #[OA\Property] public ?SizeJson $print,
        #[OA\Property] public AdviceJson $advice,
        #[OA\Property] public ?MismatchJson $mismatch,
        /** What is proposed of a strip that squares leave over and that is too narrow to be cells. */
        #[OA\Property] public ?string $sliver,
        /** Null where nothing has changed since the fit was chosen. */
        #[OA\Property] public ?OfferJson $offer,
        /** Null where all was measured in the drawing’s own unit, or near it. */
        #[OA\Property] public ?UnitOfferJson $unit_offer,
        #[OA\Property] public GuidesOffJson $guides_off,
        #[OA\Property] public SheetCareJson $sheet_care,
        #[OA\Property] public CarryJson $carry,
        /** That left and right swap on what is printed from the drawing; null where they do not. */
        #[OA\Property] public ?string $swapped,
        /** What can hurt, by rung, and with dividers. */
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(ref: CautionJson::class)))] public array $cautions,
        /** Null where nobody said. */
        #[OA\Property] public ?LightJson $light,
        #[OA\Property] public LinesJson $lines,
        /** @var list<ReadingsJson> Each line's readings; asked for on Marks alone. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadingsJson::class))] public array $across,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadingsJson::class))] public array $down,
        /** @var list<MarkRowJson> All that is ticked along the top, edges and finer lines with it; asked for on Marks alone. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkRowJson::class))] public array $rows_across,
        /** @var list<MarkRowJson> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: MarkRowJson::class))] public array $rows_down,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DividedJson::class))] public array $divided,
        #[OA\Property(type: 'array', items: new OA\Items(ref: KeyPointJson::class))] public array $points,
        /** Key points as they are carried over with dividers, the shortest reach first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReachJson::class))] public array $reaches,
        /** Named things, the one in front first. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ThingJson::class))] public array $things,
        /** Paper that stays bare, as far as it lies in the crop; shares of it. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: BoxJson::class))] public array $whites,
        /** Ovals, boxes and triangles laid over, as they lie on the paper. */
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShapeJson::class))] public array $shapes,
        #[OA\Property] public CheckJson $check,
        #[OA\Property] public RulerJson $ruler,
        #[OA\Property] public RungsJson $rungs,
        /** Where the pointer is, when it was sent. */
        #[OA\Property] public ?PointJson $point,
    ) {
    }
}
