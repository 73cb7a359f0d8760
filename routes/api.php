<?php

use App\Http\Controllers\AlternativeController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\FinishController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MarkingController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PresetController;
use App\Http\Controllers\PrinterController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ToneController;
use App\Http\Controllers\WorkingsController;
use Illuminate\Support\Facades\Route;

Route::get('catalogue', CatalogueController::class);
Route::post('workings', WorkingsController::class);
Route::post('point', [WorkingsController::class, 'point']);
foreach (['ways', 'sheets', 'schools', 'meshes', 'prints', 'dividers', 'enlargement', 'ruled', 'plans', 'clearances', 'adjust', 'gaps'] as $prospect) {
    Route::post($prospect, [AlternativeController::class, $prospect]);
}
Route::post('square', [CheckController::class, 'square']);
Route::post('measured', [CheckController::class, 'measured']);
Route::get('keepsakes', [PresetController::class, 'index']);
Route::post('keepsakes', [PresetController::class, 'store']);
Route::delete('keepsakes/{keepsake}', [PresetController::class, 'destroy']);

Route::get('drawings', [DrawingController::class, 'index']);
Route::post('drawings', [DrawingController::class, 'store']);
Route::get('drawings/{drawing}', [DrawingController::class, 'show']);
Route::put('drawings/{drawing}', [DrawingController::class, 'update']);
Route::delete('drawings/{drawing}', [DrawingController::class, 'destroy']);
Route::post('drawings/{drawing}/restore', [DrawingController::class, 'restore']);
Route::post('drawings/{drawing}/undo', [DrawingController::class, 'undo']);
Route::post('drawings/{drawing}/redo', [DrawingController::class, 'redo']);
Route::get('bin', [DrawingController::class, 'binned']);
Route::delete('bin', [DrawingController::class, 'emptyBin']);
Route::get('drawings/{drawing}/finish', FinishController::class);
Route::get('drawings/{drawing}/tones', [ToneController::class, 'show']);
Route::get('drawings/{drawing}/tones/at', [ToneController::class, 'probe']);
Route::get('drawings/{drawing}/copying', [CopyController::class, 'index']);
Route::get('drawings/{drawing}/cells/{column}/{row}', [CopyController::class, 'show'])->where(['column' => '\d{1,3}', 'row' => '\d{1,3}']);
Route::get('drawings/{drawing}/cells/{column}/{row}/strengths', [CopyController::class, 'strengths'])->where(['column' => '\d{1,3}', 'row' => '\d{1,3}']);
Route::put('drawings/{drawing}/cells/{column}/{row}', [CopyController::class, 'update'])->where(['column' => '\d{1,3}', 'row' => '\d{1,3}']);
Route::put('drawings/{drawing}/cells', [CopyController::class, 'several']);
Route::get('drawings/{drawing}/unguarded', [CopyController::class, 'unguarded']);
Route::get('drawings/{drawing}/masses', [CopyController::class, 'masses']);
Route::put('drawings/{drawing}/notes', [CopyController::class, 'notes']);
Route::get('drawings/{drawing}/log', [LogController::class, 'show']);
Route::get('drawings/{drawing}/log.csv', [LogController::class, 'csv']);
Route::put('drawings/{drawing}/sitting', [LogController::class, 'sit']);
Route::put('drawings/{drawing}/sittings/{sitting}', [LogController::class, 'lesson'])->where('sitting', '\d{1,9}');
Route::get('drawings/{drawing}/drawing.zip', [ArchiveController::class, 'export']);
Route::post('archives', [ArchiveController::class, 'import']);
Route::get('drawings/{drawing}/marks.{format}', [DrawingController::class, 'marks'])->whereIn('format', ['csv', 'json']);
Route::get('drawings/{drawing}/edges', [DrawingController::class, 'edges']);
Route::get('drawings/{drawing}/sheets/{kind}.{format}', SheetController::class);
Route::post('drawings/{drawing}/sheets/{kind}.{format}', [SheetController::class, 'make']);
Route::get('drawings/{drawing}/sheets/{kind}', [SheetController::class, 'about']);
Route::get('drawings/{drawing}/rehearsal/{kind}', [SheetController::class, 'rehearse']);
Route::get('made/{file}', [SheetController::class, 'made'])->whereAlphaNumeric('file');
Route::get('drawings/{drawing}/marking/{board}', [MarkingController::class, 'show'])->whereIn('board', ['paper', 'photo']);
Route::put('drawings/{drawing}/marking/{board}/{tick}', [MarkingController::class, 'tick'])->whereIn('board', ['paper', 'photo']);
Route::delete('drawings/{drawing}/marking/{board}', [MarkingController::class, 'clear'])->whereIn('board', ['paper', 'photo']);
Route::get('drawings/{drawing}/folding', [MarkingController::class, 'folding']);
Route::get('drawings/{drawing}/shares', [MarkingController::class, 'shares']);
Route::get('pencil', [MarkingController::class, 'pencil']);
Route::get('printers', [PrinterController::class, 'index']);
Route::post('printers', [PrinterController::class, 'store']);
Route::delete('printers/{printer}', [PrinterController::class, 'destroy']);

Route::post('photos', [PhotoController::class, 'store']);
Route::get('photos/{photo}/preview.jpg', [PhotoController::class, 'preview']);
Route::get('photos/{photo}/tones.jpg', [PhotoController::class, 'tones']);
Route::get('photos/{photo}/cut.jpg', [PhotoController::class, 'cut']);
