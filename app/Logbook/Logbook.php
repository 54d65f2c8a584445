<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Models\LogEntry;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;

/** Writes the append-only record of what was done, when, by whom. */
final readonly class Logbook
{
    public const HUB = 'Hub';

    public function write(SiteJob $job, User|string $by, string $kind, string $text, ?Slot $slot = null): void
    {
        LogEntry::query()->create([
            'site_job_id' => $job->id,
            'slot_id' => $slot?->id,
            'by' => $by instanceof User ? $by->name : $by,
            'kind' => $kind,
            'text' => mb_strimwidth($text, 0, 1000, '…'),
            'at' => now(),
        ]);
        $job->touchLive();
    }
}
