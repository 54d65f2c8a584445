<?php

declare(strict_types=1);

namespace App\Stations\Survey\Channels;

use App\Logbook\Logbook;
use App\Models\HeardNetwork;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\User;

/** What Wi-Fi was heard on site: the same network in the same room again is heard anew. */
final readonly class HeardNetworks
{
    public function __construct(private Logbook $logbook) {}

    /** @param list<array{name: string, channel: int, width: int, secondary: string|null, rssi: float, busy: float, room: string}> $rows */
    public function add(SiteJob $job, array $rows, User $person): void
    {
        $rooms = $job->rooms()->get();
        foreach ($rows as $row) {
            $room = $rooms->first(static fn (Room $one): bool => $row['room'] !== ''
                && in_array(mb_strtolower($row['room']), [mb_strtolower($one->name), mb_strtolower($one->key)], true));
            $known = HeardNetwork::query()->where([
                'site_job_id' => $job->id,
                'name' => $row['name'],
                'channel' => $row['channel'],
                'room_id' => $room?->id,
            ]);
            HeardNetwork::query()->updateOrCreate([
                'site_job_id' => $job->id,
                'key' => $known->value('key') ?? strtolower((string) str()->ulid()),
            ], [
                'room_id' => $room?->id, 'name' => $row['name'], 'channel' => $row['channel'], 'width_mhz' => $row['width'],
                'secondary' => $row['secondary'], 'rssi_dbm' => $row['rssi'], 'busy' => $row['busy'], 'heard_at' => now(),
            ]);
        }
        $what = count($rows) === 1
            ? "the Wi-Fi network “{$rows[0]['name']}” on channel {$rows[0]['channel']}"
            : count($rows).' Wi-Fi networks';
        $this->logbook->write($job, $person, 'plan', "Heard {$what}.");
    }

    public function remove(SiteJob $job, HeardNetwork $network, User $person): void
    {
        $network->delete();
        $this->logbook->write($job, $person, 'plan', "Took the Wi-Fi network “{$network->name}” off the list of those heard.");
    }
}
