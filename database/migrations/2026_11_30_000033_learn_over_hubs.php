<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('learnt_keys', static function (Blueprint $table): void {
            $table->text('signal')->nullable();
            $table->string('sent_reference', 26)->nullable()->index();
            $table->timestamp('sent_at')->nullable();
            $table->string('send_refused', 250)->nullable();
        });
        Schema::table('join_windows', static function (Blueprint $table): void {
            $table->string('learns', 40)->nullable();
            $table->string('unclear', 20)->nullable();
        });
    }
};
