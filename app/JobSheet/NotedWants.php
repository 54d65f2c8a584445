<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Want as NotedWant;
use Kavvel\Core\Wants\Want;

/** What was noted of the wants of a job. */
final readonly class NotedWants
{
    /** @return list<Want> of rooms that are on the plan, in the order in which they were noted */
    public static function of(JobSheet $sheet): array
    {
        $wants = [];
        foreach (NotedWant::query()->where('site_job_id', $sheet->job->id)->orderBy('id')->get() as $one) {
            $room = $sheet->geometry->rooms[$one->room_id]['key'] ?? null;
            if ($room !== null) {
                $wants[] = new Want($room, $one->function, $one->wanted_by, $one->wanted_from);
            }
        }

        return $wants;
    }
}
