<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\MeshProposal;
use App\Models\SiteJob;

/** Changes to a mesh that were tried and kept. */
final readonly class MeshProposals extends Section
{
    public function key(): string
    {
        return 'meshProposals';
    }

    public function write(SiteJob $job): array
    {
        return $job->meshProposals()->orderBy('id')->get()->map(static fn (MeshProposal $one): array => [
            'key' => $one->key, 'protocol' => $one->protocol->value, 'changes' => $one->changes, 'by' => $one->by,
            'at' => self::time($one->at), 'promised' => $one->promised, 'workedAt' => self::time($one->worked_at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            MeshProposal::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'], 'protocol' => $row['protocol'],
                'changes' => $row['changes'], 'by' => $row['by'], 'at' => $reading->time($row['at']),
                'promised' => $row['promised'] ?? null, 'worked_at' => $reading->time($row['workedAt'] ?? null),
            ]);
        }
    }
}
