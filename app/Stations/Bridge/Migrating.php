<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\BridgeLink;
use App\Models\SiteJob;
use App\Models\User;
use App\Temporary\TemporaryStates;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\MigrationSchool;
use Kavvel\Core\Bridging\MigrationStep;

/** Replaces an old path into an ecosystem by a new one, step by step. */
final readonly class Migrating
{
    public function __construct(private Logbook $logbook, private TemporaryStates $states) {}

    /**
     * What uses the old path is noted, and by which school it goes. While both are there, that is a permit with a date.
     *
     * @param  Carbon|null  $until  the day on which the old path has to be gone; null: no two paths side by side
     */
    public function noteUsers(
        SiteJob $job,
        BridgeLink $link,
        string $users,
        MigrationSchool $school,
        ?Carbon $until,
        User $person,
    ): void {
        $job->holdForWriting();
        $link->update(['users' => $users, 'users_noted_at' => now(), 'school' => $school]);
        $into = self::into($job, $link);
        if ($school === MigrationSchool::KeepUntilProved && $until !== null) {
            $this->states->permit($link, "Two paths into {$into} side by side: devices show there twice", $until, $person);
        }
        $this->logbook->write($job, $person, 'bridge', "What uses the old path into {$into} is noted. {$school->words()}.");
    }

    /** What used the old path uses the new one now. */
    public function takeOver(SiteJob $job, BridgeLink $link, User $person): void
    {
        if ($link->taken_over_at === null) {
            $link->update(['taken_over_at' => now()]);
            $this->logbook->write($job, $person, 'bridge', 'What used the old path into '.self::into($job, $link).' uses the new one.');
        }
    }

    /**
     * The old path is gone; what it showed is proved once more without it.
     *
     * @throws LinkRefused where it is not its turn yet
     */
    public function takeOut(SiteJob $job, BridgeLink $link, User $person): void
    {
        $job->holdForWriting();
        $bridging = JobBridging::of(JobSheet::of($job));
        $step = $bridging->migrations()[$link->id] ?? null;
        if ($step !== null && $step->step !== MigrationStep::Remove) {
            throw LinkRefused::isTooEarly($step->step);
        }
        foreach ($this->states->openOfLink($link) as $state) {
            $this->states->close($job, $state, $person);
        }
        $link->credentials()->update(['stale_at' => now(), 'stale_because' => 'the link that it was for is taken out']);
        $job->bridgeLinks()->where('ecosystem_key', $link->ecosystem_key)->whereNotNull('ecosystem_key')->whereKeyNot($link->id)
            ->whereNotNull('made_at')->update(['reprove_from' => now()]);
        $link->delete();
        $this->logbook->write($job, $person, 'bridge', 'The old path into '.self::into($job, $link).' is taken out.');
    }

    private static function into(SiteJob $job, BridgeLink $link): string
    {
        return (string) ($job->ecosystems()->where('key', $link->ecosystem_key)->value('name') ?? 'a box');
    }
}
