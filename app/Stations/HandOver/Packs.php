<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\JobSheet\JobCounts;
use App\Logbook\Logbook;
use App\Models\Pack;
use App\Models\SiteJob;
use App\Models\User;

/** Asks for a pack: numbered at once, made by the queue. */
final readonly class Packs
{
    public function __construct(private Logbook $logbook) {}

    /** @throws PackRefused while a snag is open, something is opened for the work, or another pack is being made */
    public function ask(SiteJob $job, User $person): void
    {
        $this->giveUpStuck($job);
        $open = $job->snags()->where('state', 'open')->count();
        if ($open > 0) {
            throw PackRefused::snagsAreOpen($open);
        }
        $temporary = JobCounts::of($job)->openTemporary;
        if ($temporary > 0) {
            throw PackRefused::isNotClosed($temporary);
        }
        if ($job->packs()->whereIn('state', Pack::UNDER_WAY)->exists()) {
            throw PackRefused::isBeingMade();
        }
        $pack = Pack::query()->create([
            'site_job_id' => $job->id,
            'number' => (int) $job->packs()->lockForUpdate()->max('number') + 1,
            'state' => 'asked',
            'step' => 'waiting for its turn',
            'user_id' => $person->id,
            'asked_at' => now(),
        ]);
        $this->logbook->write($job, $person, 'pack', "Asked for pack {$pack->number}.");
        MakePack::dispatch($job->company_id, $pack->id);
    }

    /** A queue that has stopped must not hold the next pack up. */
    private function giveUpStuck(SiteJob $job): void
    {
        $job->packs()->whereIn('state', Pack::UNDER_WAY)->where('asked_at', '<', now()->subMinutes(Pack::LONGEST_MINUTES))
            ->update(['state' => 'failed', 'step' => null, 'reason' => 'It was not made in time. Is the queue worker running?']);
    }
}
