<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('stays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained();
            $table->foreignId('site_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('node_id')->nullable()->constrained()->nullOnDelete();
            $table->string('address', 40);
            $table->string('model', 120)->nullable();
            $table->timestamp('since');
            $table->timestamp('until')->nullable();
            $table->string('because', 250)->nullable();
        });
        DB::table('stays')->insertUsing(
            ['company_id', 'site_job_id', 'slot_id', 'node_id', 'address', 'model', 'since'],
            DB::table('slots')->join('nodes', 'nodes.id', 'slots.node_id')->selectRaw(
                'slots.company_id, slots.site_job_id, slots.id, nodes.id, nodes.address, nodes.model, '
                    .'coalesce(nodes.matched_at, nodes.joined_at, slots.updated_at, now())',
            ),
        );
    }
};
