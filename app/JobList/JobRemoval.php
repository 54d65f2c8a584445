<?php

declare(strict_types=1);

namespace App\JobList;

use App\Models\SiteJob;
use App\Pictures\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Takes a job away for good, with all that was recorded of it, its packs and its pictures. Nothing brings it back but a backup. */
final readonly class JobRemoval
{
    /** @throws RemovalRefused */
    public function remove(SiteJob $job, string $name): void
    {
        if ($job->archived_at === null) {
            throw RemovalRefused::isNotArchived($job);
        }
        if ($name !== $job->name) {
            throw RemovalRefused::isCalledOtherwise($job);
        }
        $job->delete();
        DB::afterCommit(static function () use ($job): void {
            Storage::disk('local')->deleteDirectory("packs/{$job->id}");
            Picture::forget($job->id);
        });
    }
}
