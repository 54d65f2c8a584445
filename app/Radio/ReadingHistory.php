<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\Models\MeshReading;
use Illuminate\Support\Carbon;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\LinkDrift;
use Kavvel\Core\Mesh\VerdictChange;

/** The readings of one radio in their order: what the last says otherwise than the one before, and what got worse over all. */
final readonly class ReadingHistory
{
    /** Older ones say little of a house that is being worked on */
    private const LOOKED_AT = 8;

    /**
     * @param  MeshReading  $before  the last but one
     * @param  list<VerdictChange>  $changes  since then
     * @param  list<array{drift: LinkDrift, since: Carbon|null}>  $drifts
     */
    private function __construct(public MeshReading $before, public MeshReading $now, public array $changes, public array $drifts) {}

    /** Null: there is nothing to compare. */
    public static function of(JobSheet $sheet, MeshReading $last, MeasuredMesh $now): ?self
    {
        $readings = MeshReading::query()->where('site_job_id', $sheet->job->id)->where('gateway_id', $last->gateway_id)
            ->where('protocol', $last->protocol)->where('state', 'done')->where('id', '<=', $last->id)
            ->latest('id')->limit(self::LOOKED_AT)->get()->reverse()->values();
        if ($readings->count() < 2) {
            return null;
        }
        $graphs = array_values($readings->map(static fn (MeshReading $one): Graph => MeasuredMesh::graphOf($sheet, $one))->all());
        $before = $readings[count($graphs) - 2] ?? $last;

        return new self(
            $before,
            $last,
            VerdictChange::between(MeasuredMesh::of($sheet, $before)->report, $now->report),
            array_map(static fn (LinkDrift $drift): array => [
                'drift' => $drift, 'since' => $readings[$drift->since]?->ended_at,
            ], LinkDrift::over($graphs)),
        );
    }
}
