<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('profiles', static function (Blueprint $table): void {
            $table->unsignedInteger('lock_version')->default(1);
            $table->string('changed_by')->nullable();
        });
    }
};
