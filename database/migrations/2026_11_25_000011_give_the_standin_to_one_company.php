<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('companies', static fn (Blueprint $table) => $table->boolean('has_standin')->default(false));
        $companies = DB::table('gateways')->where('url', config('kavvel.standin.url'))->pluck('company_id');
        DB::table('companies')->whereIn('id', $companies)->update(['has_standin' => true]);
    }
};
