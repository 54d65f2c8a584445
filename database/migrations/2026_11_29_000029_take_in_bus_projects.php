<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('bus_addresses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->string('address', 20);
            $table->unsignedSmallInteger('number');
            $table->string('name', 120);
            $table->string('point', 120);
            $table->string('function', 20)->nullable();
            $table->unique(['site_job_id', 'number']);
        });
    }
};
