<?php

declare(strict_types=1);

namespace App\Radio;

use App\Gateway\Events\MeshRead;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use Kavvel\Core\Mesh\Verdict;

/** Judges a mesh reading as soon as its links are stored. */
final readonly class JudgeReading
{
    public function __construct(private Logbook $logbook) {}

    public function handle(MeshRead $event): void
    {
        $reading = $event->reading;
        $job = $reading->job()->firstOrFail();
        $sheet = JobSheet::of($job);
        $mesh = MeasuredMesh::of($sheet, $reading);
        $reading->update([...$mesh->counts(), ...($event->isFirst ? [
            'members' => MeshMembers::of($sheet, $reading->protocol), 'hub_at' => $sheet->hub($reading->gateway_id)?->standing(),
        ] : [])]);
        if (! $event->isFirst) {
            return;
        }
        $line = sprintf(
            '%s read: %d links, %d thin, %d lost.',
            $reading->protocol->title(),
            $event->links,
            $mesh->report->count(Verdict::Thin),
            $mesh->report->count(Verdict::Lost),
        );
        $this->logbook->write($job, Logbook::HUB, 'mesh', $line);
    }
}
