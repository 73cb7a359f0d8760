<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\SimulatedPrinter;
use App\Exceptions\StorageFailed;
use App\Models\Drawing;
use App\Printing\Format;
use App\Printing\PrintableSheets;
use App\Printing\PrintOptions;
use App\Printing\SheetMaker;
use App\Wire\Json\SheetAboutJson;
use App\Wire\Said;
use App\Wording\MarkWorkings;
use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InchLadder\Impossible;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sheets to print. What is on them, and for which printer, comes with the address. */
final class SheetController
{
    public function __invoke(Request $request, Drawing $drawing, string $kind, string $format): BinaryFileResponse
    {
        $maker = self::maker($kind, $format);
        $pages = $maker->pages($drawing, self::options($request, $drawing));
        $pages = $request->has('leaf') ? $pages->only($request->integer('leaf')) : $maker->withinBounds($pages);
        [$path, $type] = $maker->single($pages, static fn () => null);

        return (new BinaryFileResponse($path, 200, ['Content-Type' => $type]))->setContentDisposition('inline', $maker->name($pages))->deleteFileAfterSend();
    }

    public function about(Request $request, Drawing $drawing, string $kind): JsonResponse
    {
        $count = count(self::maker($kind, 'pdf')->pages($drawing, self::options($request, $drawing)));

        return new JsonResponse(new SheetAboutJson($count, Say::counted('printing.pages', $count), PrintableSheets::named($kind)->isRuledFrom() ? (new MarkWorkings($drawing->plan()))->spacing() : []));
    }

    /** A line of JSON for each page as it is made: `{"page":3,"of":60}`; the last has the file's address, or what went wrong. */
    public function make(Request $request, Drawing $drawing, string $kind, string $format): StreamedResponse
    {
        $maker = self::maker($kind, $format);
        $pages = $maker->withinBounds($maker->pages($drawing, self::options($request, $drawing)));
        $say = static function (array $line): void {
            echo json_encode($line, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
            ob_get_level() > 0 && ob_flush();
            flush();
        };

        return new StreamedResponse(static function () use ($maker, $pages, $say): void {
            $say(['page' => 0, 'of' => count($pages)]);
            try {
                [$path, $type] = $maker->single($pages, static fn (int $page) => $say(['page' => $page, 'of' => count($pages)]));
            } catch (\Throwable $e) {
                report($e);
                // Why something else went wrong is for the log.
                $say(['trouble' => trim(Say::it('printing.could not', ['why' => $e instanceof Impossible || $e instanceof StorageFailed ? Refusal::of($e) : '']))]);

                return;
            }
            $say(['ready' => '/api/made/'.basename($path).'?'.http_build_query(['name' => $maker->name($pages), 'type' => $type])]);
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no']);
    }

    public function made(Request $request, string $file): BinaryFileResponse|JsonResponse
    {
        $path = SheetMaker::shelf()."/{$file}";
        $type = Said::text($request, 'type');
        if (! is_file($path)) {
            return new JsonResponse(['message' => Say::it('http.file thrown away')], 404);
        }

        return (new BinaryFileResponse($path, 200, ['Content-Type' => in_array($type, ['application/pdf', 'application/zip', 'image/png', 'image/svg+xml'], true) ? $type : 'application/octet-stream']))
            ->setContentDisposition('inline', basename($request->string('name', 'sheet')->ascii()->replace(['/', '\\', '%'], '-')->value()));
    }

    /** A page as the simulated printer would bring it out, lying on millimetre paper: to rehearse with. */
    public function rehearse(Request $request, Drawing $drawing, string $kind): Response
    {
        $maker = self::maker($kind, 'pdf');
        $pages = $maker->pages($drawing, self::options($request, $drawing));
        $path = SheetMaker::shelf().'/'.bin2hex(random_bytes(8));
        $maker->files($pages, $path);
        $picture = SimulatedPrinter::perfect()->shrinking(Said::text($request, 'shrink', '97,98'))->skewed(Said::text($request, 'skew', '0'))->onGraphPaper()->print($path, max(1, $request->integer('leaf', 1)));
        unlink($path);

        return new Response($picture, 200, ['Content-Type' => 'image/png']);
    }

    private static function maker(string $kind, string $format): SheetMaker
    {
        return new SheetMaker(PrintableSheets::named($kind), Format::ofFile("{$kind}.{$format}"));
    }

    private static function options(Request $request, Drawing $drawing): PrintOptions
    {
        return PrintOptions::of($request->query->all(), $drawing->read()->choices->notation->unit);
    }
}
