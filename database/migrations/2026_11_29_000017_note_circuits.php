<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('circuits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 80);
            $table->string('label', 120);
            $table->string('kind', 20);
            $table->string('breaker', 40)->default('');
            $table->double('breaker_a')->nullable();
            $table->string('rcd', 60)->nullable();
            $table->string('phase', 10)->nullable();
            $table->string('channel', 40)->nullable();
            $table->double('channel_w')->nullable();
            $table->json('rooms');
            $table->json('lamps');
            $table->json('choice')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('key_uses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('control', 90);
            $table->unsignedTinyInteger('number');
            $table->string('press', 10);
            $table->foreignId('circuit_id')->constrained()->cascadeOnDelete();
            $table->string('effect', 10);
            $table->string('way', 10);
            $table->string('room', 80)->default('');
            $table->unique(['site_job_id', 'control', 'number', 'press', 'circuit_id', 'room'], 'key_uses_each_once');
        });
        Schema::create('room_heatings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('room', 80);
            $table->string('kind', 20);
            $table->unsignedTinyInteger('loops');
            $table->double('watts')->default(0);
            $table->boolean('hides_thermostat')->default(false);
            $table->unique(['site_job_id', 'room']);
        });
        Schema::table('site_jobs', static fn (Blueprint $table) => $table->json('prices')->nullable());
        Schema::table('slots', static function (Blueprint $table): void {
            $table->boolean('remote_works_away')->nullable();
            $table->boolean('remote_toggles')->nullable();
        });
    }
};
