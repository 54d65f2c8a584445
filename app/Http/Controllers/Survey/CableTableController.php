<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Models\SiteJob;
use App\Stations\Survey\Wiring\CableTable;
use Illuminate\Http\Response;

/** The cable schedule as a table to take along. */
final class CableTableController
{
    public function __invoke(SiteJob $job, CableTable $table): Response
    {
        return response($table->text($job), headers: [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$job->key}-cables.csv\"",
        ]);
    }
}
