<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('site_jobs', static function (Blueprint $table): void {
            $table->text('name_platforms')->nullable();
            $table->text('name_groups')->nullable();
        });
        Schema::create('name_batches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('words', 250);
            $table->string('by', 120);
            $table->timestamp('at');
            $table->timestamp('undone_at')->nullable();
        });
        Schema::create('name_changes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('name_batch_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->string('from', 190)->nullable();
            $table->string('to', 190);
        });
    }
};
