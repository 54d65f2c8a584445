<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Logbook\Logbook;
use App\Models\Room;
use App\Models\RoomHeating;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Heating\HeatKind;

/** How the rooms of a job are heated, and what things cost on it. */
final readonly class Heatings
{
    public function __construct(private Logbook $logbook) {}

    public function note(SiteJob $job, Room $room, HeatKind $kind, int $loops, float $watts, bool $hides, User $person): void
    {
        RoomHeating::query()->updateOrCreate(['site_job_id' => $job->id, 'room' => $room->key], [
            'kind' => $kind, 'loops' => $loops, 'watts' => $watts, 'hides_thermostat' => $hides,
        ]);
        $this->logbook->write($job, $person, 'plan', sprintf(
            'Heating of the %s: %s, %s.',
            mb_strtolower($room->name),
            mb_strtolower($kind->words()),
            $kind === HeatKind::Electric ? round($watts).' W' : ($loops === 1 ? 'one loop' : "{$loops} loops"),
        ));
    }

    public function drop(SiteJob $job, Room $room, User $person): void
    {
        if ($job->roomHeatings()->where('room', $room->key)->delete() > 0) {
            $this->logbook->write($job, $person, 'plan', 'The '.mb_strtolower($room->name).' is not heated.');
        }
    }

    /** @param array<string, float> $prices */
    public function price(SiteJob $job, array $prices, User $person): void
    {
        $job->update(['prices' => [...$job->prices ?? [], ...$prices]]);
        $this->logbook->write($job, $person, 'plan', 'Changed what things cost on this job.');
    }
}
