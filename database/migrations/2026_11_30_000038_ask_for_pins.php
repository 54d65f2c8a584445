<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('pair_attempts', static function (Blueprint $table): void {
            $table->string('asked_dsk', 60)->nullable();
            $table->string('pin_refused', 250)->nullable();
        });
    }
};
