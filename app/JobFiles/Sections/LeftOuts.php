<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\LeftOut;
use App\Models\SiteJob;

final readonly class LeftOuts extends Section
{
    public function key(): string
    {
        return 'leftOut';
    }

    public function write(SiteJob $job): array
    {
        $demands = $job->leftOut()->orderBy('id')->pluck('demand')->all();

        return array_map(static fn (string $demand): array => ['demand' => $demand], $demands);
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, LeftOut::class, array_map(static fn (array $row): array => ['demand' => $row['demand']], $rows));
    }
}
