<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\CellUnknown;
use App\Exchange\CopyWriter;
use App\Exchange\Json\CellJson;
use App\Exchange\Json\CellRequest;
use App\Exchange\Json\CopyingJson;
use App\Models\CellNote;
use App\Models\Drawing;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use InchLadder\Copying\Place;
use InchLadder\Marks\Out\Hand;
use InchLadder\Plan\Plan;
use OpenApi\Attributes as OA;

/** Copying, a cell at a time. */
#[OA\Parameter(name: 'column', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
#[OA\Parameter(name: 'row', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))]
final readonly class CopyController
{
    public function __construct(private CopyWriter $writer)
    {
    }

    #[OA\Get(path: '/api/drawings/{drawing}/copying', operationId: 'copying', parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(name: 'hand', in: 'query', schema: new OA\Schema(type: 'string'))], responses: [new OA\Response(response: 200, description: 'The way through the cells.', content: new OA\JsonContent(ref: CopyingJson::class))])]
    public function index(Request $request, Drawing $drawing): JsonResponse
    {
        return new JsonResponse($this->writer->copying($drawing, $drawing->plan(), Hand::tryFrom($request->string('hand')->value()) ?? Hand::Right));
    }

    #[OA\Get(path: '/api/drawings/{drawing}/cells/{column}/{row}', operationId: 'cellToCopy', parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/column'), new OA\Parameter(ref: '#/components/parameters/row')], responses: [new OA\Response(response: 200, description: 'One cell.', content: new OA\JsonContent(ref: CellJson::class)), new OA\Response(response: 422, ref: '#/components/responses/Trouble')])]
    public function show(Drawing $drawing, int $column, int $row): JsonResponse
    {
        $plan = $drawing->plan();

        return new JsonResponse($this->writer->cell($drawing, $plan, $this->place($plan, $column, $row)));
    }

    #[OA\Put(path: '/api/drawings/{drawing}/cells/{column}/{row}', operationId: 'cell', parameters: [new OA\Parameter(ref: '#/components/parameters/drawing'), new OA\Parameter(ref: '#/components/parameters/column'), new OA\Parameter(ref: '#/components/parameters/row')], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CellRequest::class)), responses: [new OA\Response(response: 204, description: 'Noted.'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')])]
    public function update(Request $request, Drawing $drawing, int $column, int $row): Response
    {
        $noted = $request->validate(
            ['state' => ['required_without_all:doubtful,words', Rule::in(CellNote::STATES)], 'doubtful' => 'boolean', 'words' => ['string', 'max:'.CellNote::MOST_WORDS, 'regex:/^\P{Cc}*$/u']],
            ['state' => 'A cell is done, empty or open.', 'doubtful' => 'A cell is doubtful or not.', 'words' => 'A note is one line of up to '.CellNote::MOST_WORDS.' characters.'],
        );
        $plan = $drawing->plan();
        $drawing->noteCell($plan->grid->cells(), $this->place($plan, $column, $row), $noted);

        return new Response(status: 204);
    }

    /** @throws CellUnknown */
    private function place(Plan $plan, int $column, int $row): Place
    {
        $place = new Place($column, $row);

        return $place->isIn($plan->grid->cells()) ? $place : throw CellUnknown::at($place, $plan->grid->cells());
    }
}
