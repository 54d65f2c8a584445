<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('wrappers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->string('wrapping', 40);
            $table->string('box_key', 80);
            $table->json('ecosystems');
            $table->string('default_value', 20);
            $table->decimal('open_at', 5, 1)->nullable();
            $table->decimal('closed_at', 5, 1)->nullable();
            $table->string('mark', 80)->nullable();
            $table->string('made_name', 200)->nullable();
            $table->unsignedBigInteger('node_id')->nullable();
            $table->string('made_by', 120)->nullable();
            $table->dateTime('made_at')->nullable();
            $table->dateTime('asked_at')->nullable();
            $table->string('ask_refused', 250)->nullable();
            $table->unique(['slot_id', 'wrapping']);
        });
        Schema::create('end_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('wrapper_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('node_id')->nullable();
            $table->boolean('is_open');
            $table->decimal('value', 5, 1)->nullable();
            $table->string('reference', 64)->nullable()->index();
            $table->string('refused', 250)->nullable();
            $table->string('by', 120);
            $table->dateTime('at');
        });
    }
};
