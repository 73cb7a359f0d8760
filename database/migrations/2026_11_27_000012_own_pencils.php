<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pencils', function (Blueprint $table) {
            $table->ulid('id')->primary();
            $table->string('name', 60)->unique();
            $table->string('kind', 20);
            $table->string('firm', 7)->nullable();
            $table->string('soft', 7)->nullable();
            $table->timestamps();
        });
    }
};
