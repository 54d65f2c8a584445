<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('bridge_links', static function (Blueprint $table): void {
            $table->string('school', 30)->nullable();
            $table->string('users', 1000)->nullable();
            $table->dateTime('users_noted_at')->nullable();
            $table->dateTime('taken_over_at')->nullable();
            $table->dateTime('reprove_from')->nullable();
        });
    }
};
