<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use InchLadder\Copying\Pass;

return new class extends Migration
{
    public function up(): void
    {
        // How many passes a cell has been through; one that was done before there were passes, through all.
        Schema::table('cell_notes', fn (Blueprint $table) => $table->unsignedTinyInteger('reached')->default(0));
        DB::table('cell_notes')->where('state', 'done')->update(['reached' => Pass::all()]);
    }
};
