<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('questions', static function (Blueprint $table): void {
            $table->string('answer', 600)->nullable()->change();
            $table->string('trade', 80)->default('');
            $table->string('cost_effect', 255)->default('');
            $table->string('about', 190)->nullable();
            $table->json('sources')->nullable();
            $table->foreignId('closing_id')->nullable()->constrained()->nullOnDelete();
        });
    }
};
