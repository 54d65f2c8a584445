<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Models\SiteJob;
use App\Models\Snag;
use App\Models\User;

/** Raises what was found wrong at a box. */
final readonly class BoxSnags
{
    public static function raise(SiteJob $job, ?WallSlot $slot, string $text, User $person): void
    {
        Snag::query()->firstOrCreate(
            [
                'site_job_id' => $job->id, 'slot_id' => $slot?->card->slot->id, 'text' => mb_strimwidth($text, 0, 500, '…'),
                'state' => 'open',
            ],
            ['key' => (string) str()->ulid(), 'raised_by' => $person->name, 'raised_at' => now()],
        );
    }
}
