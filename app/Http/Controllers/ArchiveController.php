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

    public function import(Request $request, ArchiveReader $archive, DrawingWriter $writer): JsonResponse
    {
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw ArchiveRefused::missing();
        }

        return new JsonResponse($writer->drawing($archive->read($file->getPathname())), 201);
    }
}
