<?php

declare(strict_types=1);

namespace App\Stations;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;

/** A stage of the work: a tap on the line, and a page with its next move and its lens over the plan. */
interface Station
{
    /** Its number stays while other stations are missing. */
    public function number(): int;

    public function title(): string;

    /** What is open here, and the share of its work that is done. */
    public function progress(JobSheet $sheet, JobCounts $counts): Progress;

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move;
}
