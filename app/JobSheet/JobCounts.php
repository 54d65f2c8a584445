<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\SiteJob;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The few numbers that every page of a job shows on its line, fetched together. */
final readonly class JobCounts
{
    /** What is written down of looking and printing changes nothing that a pack says. */
    private const SQL = <<<'SQL'
        select
            (select count(*) from snags where site_job_id = job.id and state = 'open') as snags,
            (select count(*) from temporary_states where site_job_id = job.id and closed_at is null)
                + (select count(*) from isolations where site_job_id = job.id and ended_at is null) as temporary,
            (select count(*) from questions where site_job_id = job.id and answered_at is null) as questions,
            (select json_arrayagg(json_object('protocol', protocol, 'accepted', accepted, 'thin', thin, 'lost', lost,
                'hub', hub_at, 'members', json_compact(members))) from mesh_readings where id in (
                select max(id) from mesh_readings where site_job_id = job.id and state = 'done' and accepted is not null
                    group by protocol)) as readings,
            pack.number as pack,
            (select count(*) from log_entries where site_job_id = job.id and id > coalesce(pack.last_entry_id, 0)
                and kind not in ('pack', 'secret', 'gateway')) as changes
        from site_jobs as job
        left join packs as pack on pack.id = (select max(id) from packs where site_job_id = job.id and state = 'ready')
        where job.id = :job
        SQL;

    /**
     * @param  array<string, RadioCounts>  $radios  what the last reading of each radio came to, by protocol
     * @param  int  $openTemporary  what was opened for the work and is not closed; circuits that are worked on among it
     * @param  int|null  $packNumber  of the last pack that was issued
     * @param  int  $changesSincePack  what was done on the job since
     */
    private function __construct(
        public int $openSnags,
        public int $openTemporary,
        public int $openQuestions,
        public array $radios,
        public ?int $packNumber,
        public int $changesSincePack,
    ) {}

    public static function of(SiteJob $job): self
    {
        /** @var stdClass $row */
        $row = DB::selectOne(self::SQL, ['job' => $job->id]);
        $radios = array_map(RadioCounts::of(...), json_decode($row->readings ?? '[]', true, 16, JSON_THROW_ON_ERROR));

        return new self(
            (int) $row->snags,
            (int) $row->temporary,
            (int) $row->questions,
            array_column($radios, null, 'protocol'),
            $row->pack === null ? null : (int) $row->pack,
            (int) $row->changes,
        );
    }
}
