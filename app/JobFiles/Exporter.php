<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\SiteJob;
use Kavvel\Core\JobFile\JobFile;

/** Writes a job as a job file: everything but secrets. */
final readonly class Exporter
{
    /** @return array<string, mixed> */
    public function export(SiteJob $job): array
    {
        $file = [
            'format' => JobFile::FORMAT,
            'version' => JobFile::VERSION,
            'asOf' => $job->as_of->toDateString(),
            'job' => Head::write($job),
        ];
        foreach (SectionList::all() as $section) {
            $file[$section->key()] = $section->write($job);
        }

        return $file;
    }
}
