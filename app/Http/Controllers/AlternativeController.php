<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adjusting\Adjustments;
use App\Adjusting\KeepWhole;
use App\Documents\ChoicesReader;
use App\Http\Requests\ChoicesInput;
use App\Wire\Alternatives;
use App\Wire\Json\AdjustedJson;
use App\Wire\Json\AdjustRequest;
use App\Wire\Json\ClearanceJson;
use App\Wire\Json\DividerJson;
use App\Wire\Json\MeshJson;
use App\Wire\Json\OtherSheetJson;
use App\Wire\Json\PrintSizeJson;
use App\Wire\Json\ProposalJson;
use App\Wire\Json\SchoolJson;
use App\Wire\Json\VerdictJson;
use App\Wire\Json\WayJson;
use App\Wire\Json\WishRequest;
use App\Wire\Said;
use App\Wire\Suggestions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Plan\Plan;
use OpenApi\Attributes as OA;

/** What a drawing could be instead. Nothing here is kept; the choices come with every question. */
final readonly class AlternativeController
{
    /** @return list<WayJson> */
    #[OA\Post(path: '/api/ways', operationId: 'ways', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'The four ways to make picture and paper agree.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WayJson::class)))])]
    public function ways(ChoicesInput $input): array
    {
        return $this->prospects($input)->ways();
    }

    /** @return list<OtherSheetJson> */
    #[OA\Post(path: '/api/sheets', operationId: 'sheets', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'Other sheets for this picture.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OtherSheetJson::class)))])]
    public function sheets(ChoicesInput $input): array
    {
        return $this->prospects($input)->sheets();
    }

    /** @return list<SchoolJson> */
    #[OA\Post(path: '/api/schools', operationId: 'schools', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'The schools side by side.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SchoolJson::class)))])]
    public function schools(ChoicesInput $input): array
    {
        return $this->prospects($input)->schools();
    }

    /** @return list<MeshJson> */
    #[OA\Post(path: '/api/meshes', operationId: 'meshes', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'How fine the grid could be.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MeshJson::class)))])]
    public function meshes(ChoicesInput $input): array
    {
        return $this->prospects($input)->meshes();
    }

    /** @return list<PrintSizeJson> */
    #[OA\Post(path: '/api/prints', operationId: 'prints', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'Sizes the reference could be printed at.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PrintSizeJson::class)))])]
    public function prints(ChoicesInput $input): array
    {
        return $this->prospects($input)->prints();
    }

    /** @return list<DividerJson> */
    #[OA\Post(path: '/api/dividers', operationId: 'dividers', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'Settings of proportional dividers.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DividerJson::class)))])]
    public function dividers(ChoicesInput $input): array
    {
        return $this->prospects($input)->dividers();
    }

    #[OA\Post(path: '/api/enlargement', operationId: 'enlargement', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'Whether a size is a true enlargement.', content: new OA\JsonContent(ref: VerdictJson::class))])]
    public function enlargement(ChoicesInput $input, Request $request): JsonResponse
    {
        return new JsonResponse($this->prospects($input)->enlargement(Said::text($request, 'size')));
    }

    #[OA\Post(path: '/api/ruled', operationId: 'ruled', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'A ruled grid against this one.', content: new OA\JsonContent(ref: VerdictJson::class))])]
    public function ruled(ChoicesInput $input, Request $request): JsonResponse
    {
        return new JsonResponse($this->prospects($input)->ruled($request->integer('columns'), $request->integer('rows')));
    }

    /** @return list<ProposalJson> */
    #[OA\Post(path: '/api/plans', operationId: 'plans', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WishRequest::class)), responses: [new OA\Response(response: 200, description: 'Plans that are easy on both rulers, the best first.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ProposalJson::class)))])]
    public function plans(ChoicesInput $input, Request $request): array
    {
        return (new Suggestions($this->read($input)->choices))->plans($request->only(['never_trim', 'whole_sheet', 'most_lines', 'least_cell']));
    }

    /** @return list<ClearanceJson> */
    #[OA\Post(path: '/api/clearances', operationId: 'clearances', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AdjustRequest::class)), responses: [new OA\Response(response: 200, description: 'Ways to keep a boxed thing clear of lines.', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ClearanceJson::class)))])]
    public function clearances(ChoicesInput $input, Request $request): array
    {
        return array_map(static fn (array $offer): ClearanceJson => new ClearanceJson(...$offer), KeepWhole::clearances(Plan::of($this->read($input)->choices), (array) $request->input('how', []))->offers());
    }

    #[OA\Post(path: '/api/adjust', operationId: 'adjust', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AdjustRequest::class)), responses: [new OA\Response(response: 200, description: 'The choices after it.', content: new OA\JsonContent(ref: AdjustedJson::class))])]
    public function adjust(ChoicesInput $input, Request $request): JsonResponse
    {
        $adjusted = Adjustments::apply(Said::text($request, 'act'), $this->read($input), (array) $request->input('how', []), $input->pixels('wide'), $input->pixels('high'));

        return new JsonResponse(new AdjustedJson($adjusted->read->json, $adjusted->said));
    }

    private function prospects(ChoicesInput $input): Alternatives
    {
        return new Alternatives($this->read($input));
    }

    private function read(ChoicesInput $input): ChoicesReader
    {
        return ChoicesReader::read($input->choices(), $input->pixels('wide'), $input->pixels('high'));
    }
}
