<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Models\SiteJob;
use App\Stations\Survey\SiteCalendar;
use Illuminate\Http\Response;

/** The days of a job to take along. */
final class CalendarController
{
    public function __invoke(SiteJob $job, SiteCalendar $calendar): Response
    {
        return response($calendar->text($job), headers: [
            'Content-Type' => 'text/calendar; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$job->key}.ics\"",
        ]);
    }
}
