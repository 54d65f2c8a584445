<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('join_windows', static function (Blueprint $table): void {
            $table->string('kind', 20)->default('join');
            $table->string('protocol', 20)->nullable();
        });
        Schema::table('pair_attempts', static function (Blueprint $table): void {
            $table->string('reached', 20)->nullable();
            $table->string('failure', 40)->nullable();
            $table->json('network')->nullable();
            $table->string('secured_with', 40)->nullable();
            $table->boolean('other_seen')->default(false);
            $table->unsignedTinyInteger('strangers')->default(0);
            $table->timestamp('light_at', 3)->nullable();
        });
        Schema::table('slots', static function (Blueprint $table): void {
            $table->string('hardware', 40)->nullable();
            $table->timestamp('left_at')->nullable();
        });
    }
};
