<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('gateway_events', static function (Blueprint $table): void {
            $table->string('set_aside', 500)->nullable();
            $table->index(['gateway_id', 'set_aside']);
        });
        Schema::table('gateways', static fn (Blueprint $table) => $table->string('silent_because', 500)->nullable());
        Schema::table('proof_commands', static fn (Blueprint $table) => $table->string('refused', 500)->nullable());
    }
};
