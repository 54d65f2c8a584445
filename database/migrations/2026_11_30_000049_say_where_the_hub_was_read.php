<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('mesh_readings', static function (Blueprint $table): void {
            $table->string('hub_at', 60)->nullable();
            $table->json('routes')->nullable();
        });
    }
};
