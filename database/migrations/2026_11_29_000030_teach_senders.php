<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('learnt_keys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->boolean('toggles')->default(false);
            $table->boolean('is_learnt')->default(false);
            $table->boolean('works')->nullable();
            $table->string('by')->nullable();
            $table->timestamp('at')->nullable();
            $table->unique(['slot_id', 'name']);
        });
        Schema::table('slots', static function (Blueprint $table): void {
            $table->string('learn_school', 20)->nullable();
        });
    }
};
