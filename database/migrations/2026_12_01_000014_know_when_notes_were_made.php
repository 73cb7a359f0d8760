<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Of the state, the flag and the words, each by itself: seconds since 1970, 0 where it was not noted.
        Schema::table('cell_notes', fn (Blueprint $table) => $table->string('said_at', 60)->nullable());
        // What the demo shows as copied is nobody's own pace.
        Schema::table('drawings', fn (Blueprint $table) => $table->boolean('is_demo')->default(false));
        $demo = array_map(static fn (string $path): string => (string) hash_file('sha256', $path), glob(database_path('demo/*.jpg')) ?: []);
        DB::table('drawings')->whereIn('photo_id', DB::table('photos')->whereIn('sha256', $demo)->select('id'))->update(['is_demo' => true]);
        // What a note said that is known by its key. Null for notes heard before this was kept.
        Schema::table('heard_notes', fn (Blueprint $table) => $table->string('content', 40)->nullable());
    }
};
