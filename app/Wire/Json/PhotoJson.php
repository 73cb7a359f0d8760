<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Documents\Choices\BesideChoice;
use OpenApi\Attributes as OA;

/** The original’s pixels, after the camera’s own turn, and a smaller picture of it. */
#[OA\Post(
    path: '/api/photos',
    operationId: 'bring',
    requestBody: new OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['photo'], properties: [new OA\Property(property: 'photo', type: 'string', format: 'binary')]))),
    responses: [new OA\Response(response: 201, description: 'A picture brought over, to stand beside a reference.', content: new OA\JsonContent(ref: BesideChoice::class))],
)]
#[OA\Schema]
final readonly class PhotoJson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $width,
        #[OA\Property] public int $height,
        /** Address of the preview. */
        #[OA\Property] public string $preview,
        /** Address cells are cut at. */
        #[OA\Property] public string $cut,
        /** What there is to be said of the file. */
        #[OA\Property] public ?string $remark,
        /** The picture inside a white border that was found round it, as shares of the photo as it lies; null where there is none, and on the shelf. */
        #[OA\Property] public ?BoxJson $inside_white,
    ) {
    }
}
