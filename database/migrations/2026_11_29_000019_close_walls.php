<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        $ofTheJob = static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
        };
        Schema::create('closings', static function (Blueprint $table) use ($ofTheJob): void {
            $ofTheJob($table);
            $table->string('key', 80);
            $table->string('name', 120);
            $table->string('trade', 80);
            $table->date('closes_on');
            $table->json('rooms');
            $table->unsignedSmallInteger('lead_days')->default(0);
            $table->unsignedSmallInteger('fitting_days')->default(0);
            $table->timestamp('closed_at')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('point_steps', static function (Blueprint $table) use ($ofTheJob): void {
            $ofTheJob($table);
            $table->string('point', 80);
            $table->string('step', 20);
            $table->string('by');
            $table->timestamp('at');
            $table->string('picture')->nullable();
            $table->unique(['site_job_id', 'point', 'step']);
        });
        Schema::create('trade_works', static function (Blueprint $table) use ($ofTheJob): void {
            $ofTheJob($table);
            $table->string('room', 80);
            $table->string('trade', 80);
            $table->timestamp('at');
        });
        Schema::table('site_jobs', static fn (Blueprint $table) => $table->json('designer_counts')->nullable());
    }
};
