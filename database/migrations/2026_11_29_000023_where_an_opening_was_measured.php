<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('opening_measures', static function (Blueprint $table): void {
            $table->string('storey', 80)->nullable();
            $table->double('x')->nullable();
            $table->double('y')->nullable();
        });
    }
};
