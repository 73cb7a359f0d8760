<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What has been ticked and ruled, and where it was then: a plan that changes later does not claim it.
        Schema::create('mark_ticks', function (Blueprint $table) {
            $table->id();
            $table->foreignUlid('drawing_id')->constrained()->cascadeOnDelete();
            $table->string('board', 8);
            $table->string('tick', 24);
            $table->string('place', 80);
            $table->timestamps();
            $table->unique(['drawing_id', 'board', 'tick']);
        });
    }
};
