<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (['ecosystems', 'bridge_boxes'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('url', 200)->nullable();
                $table->text('token')->nullable();
                $table->dateTime('asked_at')->nullable();
                $table->dateTime('read_at')->nullable();
                $table->string('read_refused', 250)->nullable();
            });
        }
        Schema::table('ecosystems', static function (Blueprint $table): void {
            $table->json('shown')->nullable();
            $table->string('read_account', 120)->nullable();
        });
        Schema::create('set_names', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->string('slot_key', 80);
            $table->string('ecosystem_key', 80);
            $table->string('name', 200);
            $table->string('room', 200);
            $table->string('set_by', 120);
            $table->dateTime('set_at');
            $table->unique(['site_job_id', 'slot_key', 'ecosystem_key']);
        });
        Schema::table('bridge_links', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('asked_act')->nullable();
            $table->dateTime('asked_at')->nullable();
            $table->string('ask_refused', 250)->nullable();
        });
    }
};
