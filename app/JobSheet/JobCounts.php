<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\SiteJob;
use Illuminate\Support\Facades\DB;

/** The few numbers that every page of a job shows on its line, fetched together. */
final readonly class JobCounts
{
    private const SQL = <<<'SQL'
        select
            (select count(*) from snags where site_job_id = job.id and state = 'open') as snags,
            (select count(*) from questions where site_job_id = job.id and answered_at is null) as questions,
            survey.accepted, survey.thin, survey.lost,
            (select state from packs where site_job_id = job.id order by id desc limit 1) as pack
        from site_jobs as job
        left join radio_surveys as survey on survey.id = (select max(id) from radio_surveys where site_job_id = job.id and state = 'done')
        where job.id = :job
        SQL;

    private function __construct(
        public int $openSnags,
        public int $openQuestions,
        public bool $isSurveyed,
        public int $accepted,
        public int $thin,
        public int $lost,
        public bool $isHandedOver,
    ) {}

    public static function of(SiteJob $job): self
    {
        $row = DB::selectOne(self::SQL, ['job' => $job->id]);

        return new self((int) $row?->snags, (int) $row?->questions, $row?->accepted !== null, (int) $row?->accepted, (int) $row?->thin, (int) $row?->lost, $row?->pack === 'ready');
    }
}
