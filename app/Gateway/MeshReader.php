<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Gateway\Events\MeshRead;
use App\Models\Gateway;
use App\Models\MeshReading;
use App\Models\RadioLink;
use App\Tenancy\CurrentCompany;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;

/** Fetches the neighbour tables of finished mesh readings, and stores their links. */
final readonly class MeshReader
{
    public function __construct(private CurrentCompany $company, private Dispatcher $events) {}

    /** @throws GatewayAway|GatewayRefused */
    public function readAll(Gateway $gateway, GatewayClient $client): void
    {
        foreach (MeshReading::query()->where('gateway_id', $gateway->id)->where('state', 'reading')->get() as $reading) {
            $this->store($reading, $client->readingLinks($reading->reference));
        }
    }

    /** @param list<array{from: string, to: string, marginDb: float, marginBackDb?: float}> $links */
    private function store(MeshReading $reading, array $links): void
    {
        DB::transaction(function () use ($reading, $links): void {
            RadioLink::query()->insert(array_map(fn (array $link): array => [
                'company_id' => $this->company->id(),
                'mesh_reading_id' => $reading->id,
                'a' => $link['from'],
                'b' => $link['to'],
                'margin_db' => $link['marginDb'],
                'margin_back_db' => $link['marginBackDb'] ?? null,
            ], $links));
            $reading->update(['state' => 'done', 'ended_at' => now()]);
            $this->events->dispatch(new MeshRead($reading, count($links)));
        });
    }
}
