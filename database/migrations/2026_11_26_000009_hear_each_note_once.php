<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('heard_notes', function (Blueprint $table) {
            $table->foreignUlid('drawing_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->dateTime('heard_at')->index();
            $table->primary(['drawing_id', 'key']);
        });
    }
};
