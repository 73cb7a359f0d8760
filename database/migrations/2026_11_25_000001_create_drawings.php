<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table) {
            $table->ulid('id')->primary();
            $table->char('sha256', 64)->unique();
            $table->string('mime', 32);
            $table->unsignedBigInteger('bytes');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->text('samples');
            $table->timestamps();
        });

        Schema::create('drawings', function (Blueprint $table) {
            $table->ulid('id')->primary();
            $table->foreignUlid('photo_id')->constrained();
            $table->unsignedInteger('version')->default(1);
            $table->unsignedInteger('position')->default(0);
            $table->json('choices');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('revisions', function (Blueprint $table) {
            $table->id();
            $table->foreignUlid('drawing_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('what');
            $table->json('choices');
            $table->timestamps();
            $table->unique(['drawing_id', 'position']);
        });

        Schema::create('cell_notes', function (Blueprint $table) {
            $table->id();
            $table->foreignUlid('drawing_id')->constrained()->cascadeOnDelete();
            $table->string('mesh', 8);
            $table->unsignedSmallInteger('column');
            $table->unsignedSmallInteger('row');
            $table->string('state', 8);
            $table->timestamps();
            $table->unique(['drawing_id', 'mesh', 'column', 'row']);
        });
    }
};
