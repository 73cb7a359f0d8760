<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use OpenApi\Attributes as OA;

/** The head of the description that the front end's types are generated from. */
#[OA\Info(title: 'Inch Ladder', version: '1')]
#[OA\Parameter(name: 'drawing', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
#[OA\Parameter(name: 'photo', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
#[OA\Response(response: 'Drawing', description: 'The drawing as it now stands.', content: new OA\JsonContent(ref: \App\Wire\Json\DrawingJson::class))]
#[OA\Response(response: 'Trouble', description: 'One plain sentence.', content: new OA\JsonContent(ref: \App\Wire\Json\Trouble::class))]
final class Description
{
}
