<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Node;
use App\Models\SiteJob;

final readonly class Nodes extends Section
{
    public function key(): string
    {
        return 'nodes';
    }

    public function write(SiteJob $job): array
    {
        return $job->nodes()->with('gateway')->orderBy('id')->get()->map(static fn (Node $one): array => [
            'address' => $one->address,
            'gateway' => $one->gateway?->key,
            'protocol' => $one->protocol->value,
            'model' => $one->model,
            'firmware' => $one->firmware,
            'role' => $one->is_router ? 'router' : 'end',
            'capabilities' => $one->capabilities,
            'state' => $one->state,
            'label' => $one->label,
            ...$one->via === null ? [] : ['via' => $one->via, 'reachable' => $one->is_reachable],
            'batteryPercent' => $one->battery_percent,
            'joinedAt' => self::time($one->joined_at),
            'heardAt' => self::time($one->heard_at),
            ...$one->given_up_at === null ? [] : ['givenUpAt' => self::time($one->given_up_at)],
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = Node::query()->create([
                'site_job_id' => $reading->job->id,
                'gateway_id' => $reading->id('gateways', $row['gateway'] ?? null),
                'protocol' => $row['protocol'],
                'address' => $row['address'],
                'model' => $row['model'] ?? null,
                'firmware' => $row['firmware'] ?? null,
                'is_router' => $row['role'] === 'router',
                'capabilities' => $row['capabilities'],
                'state' => $row['state'],
                'label' => $row['label'] ?? null,
                'via' => $row['via'] ?? null,
                'is_reachable' => $row['reachable'] ?? true,
                'battery_percent' => $row['batteryPercent'] ?? null,
                'joined_at' => $reading->time($row['joinedAt'] ?? null),
                'heard_at' => $reading->time($row['heardAt'] ?? null),
                'given_up_at' => $reading->time($row['givenUpAt'] ?? null),
            ]);
            $reading->keep($this->key(), $row['address'], $made->id);
        }
    }
}
