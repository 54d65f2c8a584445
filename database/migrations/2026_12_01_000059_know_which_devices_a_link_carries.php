<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('bridge_links', static function (Blueprint $table): void {
            $table->json('marks')->nullable()->after('devices');
        });
    }
};
