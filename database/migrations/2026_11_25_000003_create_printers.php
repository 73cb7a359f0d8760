<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Printers in reach, and what their calibration pages measured.
        Schema::create('printers', function (Blueprint $table) {
            $table->ulid('id')->primary();
            $table->string('name', 60)->unique();
            $table->string('paper', 40);
            $table->string('border', 40);
            $table->string('bar_across', 40);
            $table->string('bar_down', 40);
            $table->string('measured_across', 40)->nullable();
            $table->string('measured_down', 40)->nullable();
            $table->timestamps();
        });
    }
};
