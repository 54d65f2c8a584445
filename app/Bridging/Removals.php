<?php

declare(strict_types=1);

namespace App\Bridging;

use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Models\Slot;
use Kavvel\Core\Bridging\RemovalAdvice;
use Kavvel\Core\Bridging\Wrapper;

/** What is said before a device is taken away that shows elsewhere. */
final readonly class Removals
{
    /** @return list<array{string, RemovalAdvice}> with the name of the ecosystem */
    public static function of(SiteJob $job, Slot $slot): array
    {
        $bridging = JobBridging::of(JobSheet::of($job));
        $said = [];
        foreach ($bridging->trouble === null ? $bridging->removals() : [] as $removal) {
            if (Wrapper::rawOf($removal->device) === $slot->key) {
                $said[] = [$bridging->ecosystems[$removal->ecosystem]->name, $removal];
            }
        }

        return $said;
    }
}
