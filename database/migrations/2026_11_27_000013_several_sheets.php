<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Sheets of one drawing name the first of them; a drawing with one sheet names none.
        Schema::table('drawings', function (Blueprint $table) {
            $table->string('work', 26)->nullable()->index();
        });
    }
};
