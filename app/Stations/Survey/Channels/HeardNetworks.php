<?php

declare(strict_types=1);

namespace App\Stations\Survey\Channels;

use App\Logbook\Logbook;
use App\Models\HeardNetwork;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Radio\HeardTable;

/**
 * What Wi-Fi was heard on site: the same network in the same room again is heard anew.
 *
 * @phpstan-import-type HeardRow from HeardTable
 */
final readonly class HeardNetworks
{
    public function __construct(private Logbook $logbook) {}

    /** @param list<HeardRow> $rows */
    public function add(SiteJob $job, array $rows, User $person): void
    {
        $rooms = $job->rooms()->pluck('id', 'key');
        $known = $job->heardNetworks()->get()
            ->mapWithKeys(static fn (HeardNetwork $one): array => [self::what($one->name, $one->channel, $one->room_id) => $one->key]);
        $heard = [];
        foreach ($rows as $row) {
            $room = $row['room'] === null ? null : $rooms[$row['room']];
            $what = self::what($row['name'], $row['channel'], $room);
            $heard[$what] = [
                'company_id' => $job->company_id, 'site_job_id' => $job->id,
                'key' => $known[$what] ?? strtolower((string) str()->ulid()), 'room_id' => $room, 'name' => $row['name'],
                'channel' => $row['channel'], 'width_mhz' => $row['width'], 'secondary' => $row['secondary'],
                'rssi_dbm' => $row['rssi'], 'busy' => $row['busy'], 'heard_at' => now(),
            ];
        }
        HeardNetwork::query()->upsert(array_values($heard), ['site_job_id', 'key']);
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

    private static function what(string $name, int $channel, ?int $room): string
    {
        return "{$channel} {$room} {$name}";
    }
}
