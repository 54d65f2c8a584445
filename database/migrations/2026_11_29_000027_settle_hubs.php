<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('hub_checks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('gateway_id')->constrained()->cascadeOnDelete();
            $table->string('item', 20);
            $table->boolean('is_waived')->default(false);
            $table->string('note', 190)->nullable();
            $table->json('facts')->nullable();
            $table->string('by');
            $table->timestamp('at');
            $table->unique(['gateway_id', 'item']);
        });
    }
};
