<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Drawing;
use App\Press\Format;
use App\Press\Order;
use App\Press\SheetImpossible;
use App\Press\SheetKind;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class SheetController
{
    public function __invoke(Request $request, Drawing $drawing, string $kind, string $format): Response
    {
        $sheet = (SheetKind::tryFrom($kind) ?? throw SheetImpossible::unknownKind($kind))->sheet();
        $writer = Format::ofFile("{$kind}.{$format}")->writer();
        $page = $sheet->page($drawing, Order::of($request->string('at', 'page')->value(), $request->string('page')->value()));
        $name = (Str::slug($page->title) ?: 'drawing')."-{$kind}.{$format}";

        return new Response($writer->write($page), 200, ['Content-Type' => $writer->mime(), 'Content-Disposition' => "inline; filename=\"{$name}\""]);
    }
}
