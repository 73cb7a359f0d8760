<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sittings', function (Blueprint $table) {
            $table->id();
            $table->foreignUlid('drawing_id')->constrained()->cascadeOnDelete();
            $table->dateTime('began_at');
            $table->dateTime('ended_at');
            $table->json('seconds');
            $table->string('lesson', 200)->default('');
            $table->timestamps();
            $table->index(['drawing_id', 'began_at']);
        });
    }
};
