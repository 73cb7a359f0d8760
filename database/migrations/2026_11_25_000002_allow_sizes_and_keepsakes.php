<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A drawing may have sizes only, and no photo.
        Schema::table('drawings', function (Blueprint $table) {
            $table->foreignUlid('photo_id')->nullable()->change();
        });

        // What an artist owns or keeps for any drawing: papers, rulers, grids.
        Schema::create('keepsakes', function (Blueprint $table) {
            $table->ulid('id')->primary();
            $table->string('kind', 8);
            $table->string('name', 60);
            $table->json('content');
            $table->timestamps();
            $table->unique(['kind', 'name']);
        });
    }
};
