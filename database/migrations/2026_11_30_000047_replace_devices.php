<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('stays', static function (Blueprint $table): void {
            $table->string('replaced', 20)->nullable();
            $table->json('shown')->nullable();
            $table->unsignedSmallInteger('hanging_on')->default(0);
        });
        Schema::table('nodes', static function (Blueprint $table): void {
            $table->timestamp('given_up_at')->nullable();
        });
    }
};
