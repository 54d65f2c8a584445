<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('points', static function (Blueprint $table): void {
            $table->string('cable', 20)->nullable();
            $table->unsignedSmallInteger('cable_count')->nullable();
            $table->string('label', 40)->nullable();
        });
    }
};
