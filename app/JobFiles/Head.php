<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\SiteJob;

/** The head of a job file: the job itself. */
final readonly class Head
{
    /** @return array<string, mixed> */
    public static function write(SiteJob $job): array
    {
        return [
            'key' => $job->key,
            'name' => $job->name,
            'client' => ['name' => $job->client_name, 'email' => $job->client_email, 'phone' => $job->client_phone],
            'address' => $job->address,
            'stage' => $job->stage,
            'region' => $job->region->value,
            'mains' => $job->mains,
            'prices' => $job->prices,
            'dropCode' => $job->drop_code?->value,
            'latitude' => $job->latitude,
            'longitude' => $job->longitude,
            'upBearing' => $job->up_bearing,
            'namePattern' => $job->name_pattern,
            ...$job->name_platforms === null ? [] : ['namePlatforms' => $job->name_platforms],
            ...$job->name_groups === null ? [] : ['nameGroups' => $job->name_groups],
            ...$job->bridge_policy === null ? [] : ['bridgePolicy' => $job->bridge_policy->value],
            'school' => $job->school,
            ...$job->batch === 1 ? [] : ['batch' => $job->batch],
            'acceptanceDb' => $job->acceptance_db,
            'clutterConstantDb' => $job->clutter_constant_db,
            'clutterDbPerMetre' => $job->clutter_db_per_metre,
            'visit' => [
                'number' => $job->visit_number,
                'of' => $job->visit_of,
                'plannedMinutes' => $job->planned_minutes,
                'usedMinutes' => $job->used_minutes,
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $head
     * @return array<string, mixed> columns of the job, but for its key and its day
     */
    public static function read(array $head): array
    {
        return [
            'name' => $head['name'],
            'client_name' => $head['client']['name'],
            'client_email' => $head['client']['email'] ?? null,
            'client_phone' => $head['client']['phone'] ?? null,
            'address' => $head['address'],
            'stage' => $head['stage'],
            'region' => $head['region'],
            'mains' => $head['mains'] ?? null,
            'prices' => $head['prices'] ?? null,
            'drop_code' => $head['dropCode'] ?? null,
            'latitude' => $head['latitude'] ?? null,
            'longitude' => $head['longitude'] ?? null,
            'up_bearing' => $head['upBearing'] ?? null,
            'visit_number' => $head['visit']['number'],
            'visit_of' => $head['visit']['of'],
            'planned_minutes' => $head['visit']['plannedMinutes'],
            'used_minutes' => $head['visit']['usedMinutes'],
            'name_pattern' => $head['namePattern'],
            'name_platforms' => $head['namePlatforms'] ?? null,
            'name_groups' => $head['nameGroups'] ?? null,
            'bridge_policy' => $head['bridgePolicy'] ?? null,
            'school' => $head['school'],
            'batch' => $head['batch'] ?? 1,
            'acceptance_db' => $head['acceptanceDb'],
            'clutter_constant_db' => $head['clutterConstantDb'],
            'clutter_db_per_metre' => $head['clutterDbPerMetre'],
        ];
    }
}
