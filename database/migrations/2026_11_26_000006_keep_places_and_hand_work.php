<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A note belongs to a place on the picture; `spot` names it. Notes from before have their mesh and cell instead,
        // until the choices change under them.
        Schema::table('cell_notes', function (Blueprint $table) {
            $table->string('place', 160)->nullable();
            $table->string('spot', 32)->default('');
        });
        foreach (DB::table('cell_notes')->get(['id', 'mesh', 'column', 'row']) as $note) {
            DB::table('cell_notes')->where('id', $note->id)->update(['spot' => "{$note->mesh} {$note->column} {$note->row}"]);
        }
        Schema::table('cell_notes', function (Blueprint $table) {
            $table->dropUnique(['drawing_id', 'mesh', 'column', 'row']);
            $table->unique(['drawing_id', 'spot']);
        });
        // A revision is a change of the choices, of what was done by hand, or of both.
        Schema::table('revisions', function (Blueprint $table) {
            $table->json('choices')->nullable()->change();
            $table->json('hand')->nullable();
        });
        Schema::table('drawings', function (Blueprint $table) {
            $table->unsignedInteger('edits')->default(0);
        });
        Schema::table('photos', function (Blueprint $table) {
            $table->string('remark')->nullable();
        });
    }
};
