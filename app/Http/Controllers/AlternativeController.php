<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adjusting\Adjustments;
use App\Adjusting\KeepWhole;
use App\Documents\ChoicesReader;
use App\Http\Requests\ChoicesInput;
use App\Wire\Alternatives;
use App\Wire\Json\AdjustedJson;
use App\Wire\Json\ClearanceJson;
use App\Wire\Json\DividerJson;
use App\Wire\Json\GapJson;
use App\Wire\Json\MeshJson;
use App\Wire\Json\OtherSheetJson;
use App\Wire\Json\PrintSizeJson;
use App\Wire\Json\ProposalJson;
use App\Wire\Json\SchoolJson;
use App\Wire\Json\WayJson;
use App\Wire\Said;
use App\Wire\Suggestions;
use App\Wire\ThingsWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InchLadder\Plan\Plan;

/** What a drawing could be instead. Nothing here is kept; the choices come with every question. */
final readonly class AlternativeController
{
    /** @return list<WayJson> */
    public function ways(ChoicesInput $input): array
    {
        return $this->prospects($input)->ways($input->pixels('wide'), $input->pixels('high'));
    }

    /** @return list<OtherSheetJson> */
    public function sheets(ChoicesInput $input): array
    {
        return $this->prospects($input)->sheets();
    }

    /** @return list<SchoolJson> */
    public function schools(ChoicesInput $input): array
    {
        return $this->prospects($input)->schools();
    }

    /** @return list<MeshJson> */
    public function meshes(ChoicesInput $input): array
    {
        return $this->prospects($input)->meshes();
    }

    /** @return list<PrintSizeJson> */
    public function prints(ChoicesInput $input): array
    {
        return $this->prospects($input)->prints();
    }

    /** @return list<DividerJson> */
    public function dividers(ChoicesInput $input): array
    {
        return $this->prospects($input)->dividers();
    }

    public function enlargement(ChoicesInput $input, Request $request): JsonResponse
    {
        return new JsonResponse($this->prospects($input)->enlargement(Said::text($request, 'size')));
    }

    public function ruled(ChoicesInput $input, Request $request): JsonResponse
    {
        return new JsonResponse($this->prospects($input)->ruled($request->integer('columns'), $request->integer('rows')));
    }

    /** @return list<ProposalJson> */
    public function plans(ChoicesInput $input, Request $request): array
    {
        return (new Suggestions($this->read($input)->choices))->plans($request->only(['never_trim', 'whole_sheet', 'most_lines', 'least_cell']));
    }

    /** @return list<ClearanceJson> */
    public function clearances(ChoicesInput $input): array
    {
        return array_map(static fn (array $offer): ClearanceJson => new ClearanceJson(...$offer), KeepWhole::clearances(Plan::of($this->read($input)->choices), $input->how())->offers());
    }

    /** @return list<GapJson> */
    public function gaps(ChoicesInput $input): array
    {
        return (new ThingsWriter(Plan::of($this->read($input)->choices)))->gaps();
    }

    public function adjust(ChoicesInput $input): JsonResponse
    {
        $adjusted = Adjustments::apply((string) $input->act(), $this->read($input), $input->how(), $input->pixels('wide'), $input->pixels('high'));

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
