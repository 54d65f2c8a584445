<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\MeshReading;
use App\Models\RadioLink;
use App\Models\SiteJob;

/** Finished readings of the radios, with their links. */
final readonly class MeshReadings extends Section
{
    public function key(): string
    {
        return 'meshReadings';
    }

    public function write(SiteJob $job): array
    {
        return $job->meshReadings()
            ->where('state', 'done')
            ->with(['gateway', 'links'])
            ->orderBy('id')
            ->get()
            ->map(static fn (MeshReading $mesh): array => [
                'gateway' => $mesh->gateway->key,
                'protocol' => $mesh->protocol->value,
                'askedAt' => self::time($mesh->asked_at),
                'endedAt' => self::time($mesh->ended_at),
                'members' => $mesh->members,
                ...($mesh->routes === null ? [] : ['routes' => array_map(
                    static fn (string $address, array $via): array => ['address' => ltrim($address), 'via' => $via],
                    array_keys($mesh->routes),
                    $mesh->routes,
                )]),
                ...($mesh->hub_at === null ? [] : ['hubAt' => $mesh->hub_at]),
                ...($mesh->asleep === null ? [] : ['asleep' => $mesh->asleep]),
                'links' => $mesh->links->sortBy('id')->values()->map(static fn (RadioLink $link): array => [
                    'a' => $link->a,
                    'b' => $link->b,
                    'marginDb' => $link->margin_db,
                    'marginBackDb' => $link->margin_back_db,
                ])->all(),
            ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = MeshReading::query()->create([
                'site_job_id' => $reading->job->id,
                'gateway_id' => $reading->id('gateways', $row['gateway']),
                'reference' => (string) str()->ulid(),
                'protocol' => $row['protocol'],
                'state' => 'done',
                'members' => $row['members'] ?? null,
                'hub_at' => $row['hubAt'] ?? null,
                'routes' => ! isset($row['routes']) ? null : array_column(array_map(
                    static fn (array $one): array => [" {$one['address']}", $one['via']],
                    $row['routes'],
                ), 1, 0),
                'asleep' => $row['asleep'] ?? null,
                'asked_at' => $reading->time($row['askedAt']),
                'ended_at' => $reading->time($row['endedAt'] ?? null),
            ]);
            foreach ($row['links'] as $link) {
                RadioLink::query()->create([
                    'mesh_reading_id' => $made->id,
                    'a' => $link['a'],
                    'b' => $link['b'],
                    'margin_db' => $link['marginDb'],
                    'margin_back_db' => $link['marginBackDb'] ?? null,
                ]);
            }
        }
    }
}
