<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('slots', static function (Blueprint $table): void {
            $table->foreignId('behind_id')->nullable()->constrained('slots')->nullOnDelete();
        });
        Schema::table('nodes', static function (Blueprint $table): void {
            $table->string('via', 40)->nullable();
            $table->boolean('is_reachable')->default(true);
        });
    }
};
