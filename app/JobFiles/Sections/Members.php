<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;

/** E-mail addresses; those that the company has become members again. */
final readonly class Members extends Section
{
    public function key(): string
    {
        return 'members';
    }

    public function write(SiteJob $job): array
    {
        return $job->users()->pluck('email')->sort()->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        $emails = array_filter($rows, is_string(...));
        $reading->job->users()->sync(array_values(array_intersect_key($reading->people, array_flip($emails))));
    }
}
