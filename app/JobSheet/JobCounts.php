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
            reading.accepted, reading.thin, reading.lost, reading.members, reading.protocol,
            pack.number as pack,
            (select count(*) from log_entries where site_job_id = job.id and id > coalesce(pack.last_entry_id, 0)
                and kind not in ('pack', 'secret', 'gateway')) as changes
        from site_jobs as job
        left join mesh_readings as reading on reading.id = (
            select max(id) from mesh_readings where site_job_id = job.id and state = 'done')
        left join packs as pack on pack.id = (select max(id) from packs where site_job_id = job.id and state = 'ready')
        where job.id = :job
        SQL;

    /**
     * @param  list<array{slot: string, address: string, standing: string}>|null  $readMembers  devices of the last mesh
     * reading; null: there is none, or it does not say
     * @param  int  $openTemporary  what was opened for the work and is not closed; circuits that are worked on among it
     * @param  int|null  $packNumber  of the last pack that was issued
     * @param  int  $changesSincePack  what was done on the job since
     */
    private function __construct(
        public int $openSnags,
        public int $openTemporary,
        public int $openQuestions,
        public bool $isRead,
        public int $accepted,
        public int $thin,
        public int $lost,
        public ?array $readMembers,
        public ?string $readProtocol,
        public ?int $packNumber,
        public int $changesSincePack,
    ) {}

    public static function of(SiteJob $job): self
    {
        /** @var stdClass $row */
        $row = DB::selectOne(self::SQL, ['job' => $job->id]);
        /** @var list<array{slot: string, address: string, standing: string}>|null $members */
        $members = $row->members === null ? null : json_decode($row->members, true);

        return new self(
            (int) $row->snags,
            (int) $row->temporary,
            (int) $row->questions,
            $row->accepted !== null,
            (int) $row->accepted,
            (int) $row->thin,
            (int) $row->lost,
            $members,
            $row->protocol,
            $row->pack === null ? null : (int) $row->pack,
            (int) $row->changes,
        );
    }
}
