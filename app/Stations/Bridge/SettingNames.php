<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Ecosystem;
use App\Models\SetName;
use App\Models\SiteJob;
use App\Models\User;

/** Notes names and rooms that somebody set in an ecosystem by hand. */
final readonly class SettingNames
{
    public function __construct(private Logbook $logbook) {}

    /**
     * @param  string  $seen  the mark of what the person had before the eyes
     *
     * @throws NamesRefused where other names are to be set by now
     */
    public function said(SiteJob $job, Ecosystem $ecosystem, string $seen, User $person): void
    {
        $job->holdForWriting();
        $bridging = JobBridging::of(JobSheet::of($job));
        $open = AfterLinking::of($bridging, Showings::of($bridging), $ecosystem->key);
        if ($open === null || $open->mark() !== $seen) {
            throw NamesRefused::haveChanged($ecosystem->name);
        }
        foreach ($open->cells as $cell) {
            SetName::query()->updateOrCreate(
                ['site_job_id' => $job->id, 'slot_key' => $cell->meant->device, 'ecosystem_key' => $ecosystem->key],
                [
                    'name' => $cell->meant->name ?? $cell->shows, 'room' => $cell->meant->room, 'set_by' => $person->name,
                    'set_at' => now(), 'mark' => $bridging->mark($cell->meant->device),
                ],
            );
        }
        $many = count($open->cells) === 1 ? 'One name is' : count($open->cells).' names are';
        $this->logbook->write($job, $person, 'bridge', "{$many} set in {$ecosystem->name}, by hand.");
    }
}
