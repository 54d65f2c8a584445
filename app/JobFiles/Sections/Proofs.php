<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\ProofResult;
use App\Models\SiteJob;

final readonly class Proofs extends Section
{
    public function key(): string
    {
        return 'proofs';
    }

    public function write(SiteJob $job): array
    {
        return $job->proofResults()
            ->has('slot')
            ->with(['slot', 'user', 'node'])
            ->orderBy('id')
            ->get()
            ->map(static fn (ProofResult $one): array => [
                'slot' => $one->slot->key,
                'rung' => $one->rung->value,
                ...$one->ecosystem_key === null ? [] : ['ecosystem' => $one->ecosystem_key],
                'outcome' => $one->outcome->value,
                'reason' => $one->reason,
                'at' => self::time($one->at),
                'by' => $one->user?->email,
                'node' => $one->node?->address,
                'withdrawn' => $one->withdrawn_at === null ? null : [
                    'at' => self::time($one->withdrawn_at),
                    'by' => $one->withdrawn_by,
                    'because' => $one->withdrawn_because,
                ],
            ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, ProofResult::class, array_map(static fn (array $row): array => [
            'slot_id' => $reading->id('slots', $row['slot']),
            'node_id' => $reading->id('nodes', $row['node'] ?? null),
            'rung' => $row['rung'],
            'ecosystem_key' => $row['ecosystem'] ?? null,
            'outcome' => $row['outcome'],
            'reason' => $row['reason'] ?? null,
            'user_id' => $reading->people[$row['by'] ?? ''] ?? null,
            'at' => $reading->time($row['at']),
            'withdrawn_at' => $reading->time($row['withdrawn']['at'] ?? null),
            'withdrawn_by' => $row['withdrawn']['by'] ?? null,
            'withdrawn_because' => $row['withdrawn']['because'] ?? null,
        ], $rows));
    }
}
