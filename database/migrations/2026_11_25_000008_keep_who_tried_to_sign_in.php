<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('sign_in_tries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->char('account', 64);
            $table->string('source', 45);
            $table->string('outcome', 10);
            $table->timestamp('at', 3);
            $table->index(['account', 'at']);
            $table->index(['source', 'at']);
        });
        Schema::table('users', static fn (Blueprint $table) => $table->unsignedInteger('session_era')->default(0));
    }
};
