<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('wants', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('room_id')->constrained()->cascadeOnDelete();
            $table->string('function', 20);
            $table->string('wanted_by', 20);
            $table->string('wanted_from', 20);
            $table->unique(['room_id', 'function', 'wanted_by', 'wanted_from']);
        });
        Schema::create('left_out', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('demand', 220);
            $table->unique(['site_job_id', 'demand']);
        });
        Schema::table('slots', static function (Blueprint $table): void {
            $table->string('load_what', 120)->nullable();
            $table->double('load_watts')->nullable();
            $table->boolean('load_stays_on')->nullable();
            $table->boolean('load_heats')->nullable();
        });
    }
};
