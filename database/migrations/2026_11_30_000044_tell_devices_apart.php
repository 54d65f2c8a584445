<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('nodes', static function (Blueprint $table): void {
            $table->string('said', 200)->nullable();
            $table->string('said_value', 200)->nullable();
            $table->dateTime('said_at', 3)->nullable();
            $table->string('blink_command', 64)->nullable();
            $table->timestamp('blinks_at')->nullable();
            $table->string('blink_refused', 250)->nullable();
        });
        Schema::create('listenings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unsignedSmallInteger('round')->default(1);
            $table->dateTime('round_at', 3);
            $table->timestamp('ended_at')->nullable();
        });
        Schema::create('listening_voices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('listening_id')->constrained()->cascadeOnDelete();
            $table->foreignId('node_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('round');
            $table->string('capability', 200);
            $table->string('value', 200);
            $table->dateTime('at', 3);
            $table->unique(['listening_id', 'round', 'node_id', 'capability'], 'voices_once');
        });
    }
};
