<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\ArchiveReader;
use App\Archive\ArchiveRefused;
use App\Archive\ArchiveWriter;
use App\Models\Drawing;
use App\Wire\DrawingWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class ArchiveController
{
    public function export(Drawing $drawing, ArchiveWriter $archive): BinaryFileResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inch');
        $archive->write($drawing, $path);
        $name = (Str::slug($drawing->title()) ?: 'drawing').'.zip';

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip']))->setContentDisposition('attachment', $name)->deleteFileAfterSend();
    }

    #[OA\Post(path: '/api/archives', operationId: 'import', requestBody: new OA\RequestBody(content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['photo'], properties: [new OA\Property(property: 'photo', type: 'string', format: 'binary')]))), responses: [new OA\Response(response: 201, ref: '#/components/responses/Drawing'), new OA\Response(response: 422, ref: '#/components/responses/Trouble')])]
    public function import(Request $request, ArchiveReader $archive, DrawingWriter $writer): JsonResponse
    {
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw ArchiveRefused::missing();
        }

        return new JsonResponse($writer->drawing($archive->read($file->getPathname())), 201);
    }
}
