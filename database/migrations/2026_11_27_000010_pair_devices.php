<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Phones, tablets and computers that were let in. Of their keys only hashes are kept.
        Schema::create('paired_devices', function (Blueprint $table) {
            $table->ulid('id')->primary();
            $table->string('name', 60);
            $table->boolean('may_pair')->default(false);
            $table->string('secret', 64);
            $table->string('key_hash', 64)->unique();
            $table->string('next_hash', 64)->nullable()->index();
            $table->string('previous_hash', 64)->nullable()->index();
            $table->timestamp('renewed_at');
            $table->timestamp('seen_at');
            $table->timestamps();
        });
        // One row: the code that lets in now, if any, and how often it was guessed wrongly.
        Schema::create('pairing', function (Blueprint $table) {
            $table->unsignedTinyInteger('id')->primary();
            $table->string('code_hash', 64)->nullable();
            $table->boolean('may_pair')->default(false);
            $table->timestamp('expires_at')->nullable();
            $table->unsignedInteger('wrong')->default(0);
            $table->timestamp('closed_until')->nullable();
        });
        DB::table('pairing')->insert(['id' => 1]);
    }
};
