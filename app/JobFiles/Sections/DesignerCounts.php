<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;

final readonly class DesignerCounts extends Section
{
    public function key(): string
    {
        return 'designerCounts';
    }

    public function write(SiteJob $job): array
    {
        $rows = [];
        foreach ($job->designer_counts ?? [] as $purpose => $count) {
            $rows[] = ['purpose' => (string) $purpose, 'count' => $count];
        }

        return $rows;
    }

    public function read(Reading $reading, array $rows): void
    {
        if ($rows !== []) {
            $reading->job->update(['designer_counts' => array_column($rows, 'count', 'purpose')]);
        }
    }
}
