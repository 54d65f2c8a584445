<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('heard_networks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->foreignId('room_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name');
            $table->unsignedTinyInteger('channel');
            $table->unsignedTinyInteger('width_mhz');
            $table->string('secondary', 8)->nullable();
            $table->double('rssi_dbm');
            $table->double('busy');
            $table->timestamp('heard_at');
            $table->unique(['site_job_id', 'key']);
        });
        Schema::table('networks', static fn (Blueprint $table) => $table->timestamp('channel_chosen_at')->nullable());
    }
};
