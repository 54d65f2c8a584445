<?php

declare(strict_types=1);

namespace App\Bridging;

use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Models\Slot;
use Kavvel\Core\Bridging\RemovalAdvice;
use Kavvel\Core\Bridging\Wrapper;

/** What is said before a device is taken away that shows elsewhere: of where it shows now, and of what goes with it there. */
final readonly class Removals
{
    /** @return list<array{string, RemovalAdvice, int}> with the name of the ecosystem, and how many go with it */
    public static function of(SiteJob $job, Slot $slot): array
    {
        $bridging = JobBridging::of(JobSheet::of($job));
        $there = [];
        foreach ($bridging->trouble === null ? $bridging->plan()->worthwhile() : [] as $path) {
            if ($bridging->isLinked($path)) {
                $there[$path->want->ecosystem][] = $path->want->device;
            }
        }
        $said = [];
        foreach ($there === [] ? [] : $bridging->removals() as $removal) {
            $shown = $there[$removal->ecosystem] ?? [];
            if (Wrapper::rawOf($removal->device) === $slot->key && in_array($removal->device, $shown, true)) {
                $with = count(array_intersect($removal->alsoRemoves, $shown));
                $said[] = [$bridging->ecosystems[$removal->ecosystem]->name, $removal, $with];
            }
        }

        return $said;
    }
}
