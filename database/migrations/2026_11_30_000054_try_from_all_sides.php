<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('cross_runs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('slot_key', 80);
            $table->json('places');
            $table->json('plan');
            $table->json('orders');
            $table->json('sights');
            $table->json('cursors');
            $table->boolean('is_waiting')->default(false);
            $table->unsignedSmallInteger('looks')->default(0);
            $table->string('before', 20)->nullable();
            $table->string('by', 120);
            $table->dateTime('started_at');
            $table->dateTime('ended_at')->nullable();
            $table->string('stopped_because', 250)->nullable();
            $table->index(['site_job_id', 'slot_key']);
        });
    }
};
