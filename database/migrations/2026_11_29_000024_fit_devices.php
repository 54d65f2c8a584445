<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('slot_fits', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->foreignId('slot_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('circuit_id')->nullable()->constrained()->nullOnDelete();
            $table->json('box')->nullable();
            $table->json('loads')->nullable();
            $table->json('wires')->nullable();
            $table->json('two_way')->nullable();
            $table->json('hung')->nullable();
            $table->string('picture')->nullable();
            $table->timestamp('picture_at')->nullable();
            $table->timestamp('fitted_at')->nullable();
            $table->string('fitted_by')->nullable();
            $table->unsignedSmallInteger('minutes')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
        });
        Schema::create('isolations', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('key', 80);
            $table->foreignId('circuit_id')->nullable()->constrained()->nullOnDelete();
            $table->string('label');
            $table->json('work');
            $table->timestamp('begun_at', 3);
            $table->timestamp('ended_at', 3)->nullable();
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('temporary_states', function (Blueprint $table): void {
            $this->jobChild($table);
            $table->string('key', 80);
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->string('what', 190);
            $table->string('opened_by');
            $table->timestamp('opened_at');
            $table->date('close_by')->nullable();
            $table->string('closed_by')->nullable();
            $table->timestamp('closed_at')->nullable();
            $table->unique(['site_job_id', 'key']);
        });
        Schema::create('slot_settings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->string('planned', 60)->nullable();
            $table->string('actual', 60)->nullable();
            $table->string('set_by')->nullable();
            $table->timestamp('set_at')->nullable();
            $table->unique(['slot_id', 'name']);
        });
    }

    private function jobChild(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('company_id')->constrained();
        $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
    }
};
