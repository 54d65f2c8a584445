<?php

declare(strict_types=1);

namespace App\Gateway;

use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\MeshReading;
use App\Models\RadioLink;
use App\Radio\MeasuredMesh;
use App\Tenancy\CurrentCompany;
use Illuminate\Support\Facades\DB;

/** Fetches the neighbour tables of a finished survey, stores the links and what they come to. */
final readonly class MeshReader
{
    public function __construct(private CurrentCompany $company, private Logbook $logbook) {}

    public function read(MeshReading $survey, GatewayClient $client): void
    {
        $links = $client->survey($survey->reference)['links'];
        DB::transaction(function () use ($survey, $links): void {
            RadioLink::query()->insert(array_map(fn (array $link): array => [
                'company_id' => $this->company->id(), 'radio_survey_id' => $survey->id, 'a' => $link['from'], 'b' => $link['to'],
                'margin_db' => $link['marginDb'], 'margin_back_db' => $link['marginBackDb'] ?? null,
            ], $links));
            $job = $survey->job()->firstOrFail();
            $survey->update(['state' => 'done', 'ended_at' => now(), ...MeasuredMesh::of(JobSheet::of($job), $survey)->counts()]);
            $this->logbook->write($job, Logbook::GATEWAY, 'mesh', sprintf('Survey done: %d links, %d thin, %d lost.', count($links), $survey->thin, $survey->lost));
        });
    }
}
