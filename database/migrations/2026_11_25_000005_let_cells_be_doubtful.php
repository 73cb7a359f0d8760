<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A cell may be flagged or written about before anything has become of it: its state is then `open`.
        Schema::table('cell_notes', function (Blueprint $table) {
            $table->boolean('doubtful')->default(false);
            $table->string('words', 200)->default('');
            $table->timestamp('settled_at')->nullable();
        });
        DB::table('cell_notes')->update(['settled_at' => DB::raw('updated_at')]);
    }
};
