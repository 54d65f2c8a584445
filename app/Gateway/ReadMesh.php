<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Gateway\Events\MeshRead;
use App\Models\Gateway;
use App\Models\MeshReading;
use App\Models\RadioLink;
use App\Outside\OutsideAway;
use App\Tenancy\CurrentCompany;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Support\Facades\DB;

/** Fetches the links of a finished reading and stores them; again, when a device that slept has told what it hears. */
final class ReadMesh extends HubCommand implements ShouldBeUniqueUntilProcessing
{
    private const LINKS_AT_ONCE = 500;

    public int $uniqueFor = 60;

    public function __construct(Gateway $gateway, private readonly int $readingId)
    {
        parent::__construct($gateway);
    }

    public function uniqueId(): string
    {
        return (string) $this->readingId;
    }

    protected function tell(Gateway $gateway, GatewayClient $client): void
    {
        $reading = MeshReading::query()->whereKey($this->readingId)->due()->first();
        if ($reading === null) {
            return;
        }
        try {
            $heard = $client->meshReading($reading->reference);
        } catch (OutsideAway) {
            // It is asked again once the hub answers.
            return;
        }
        DB::transaction(static function () use ($reading, $heard): void {
            $isFirst = $reading->state === 'reading';
            RadioLink::query()->where('mesh_reading_id', $reading->id)->delete();
            foreach (array_chunk($heard->links, self::LINKS_AT_ONCE) as $some) {
                RadioLink::query()->insert(array_map(static fn (HeardLink $link): array => [
                    'company_id' => app(CurrentCompany::class)->id(),
                    'mesh_reading_id' => $reading->id,
                    'a' => $link->from,
                    'b' => $link->to,
                    'margin_db' => $link->marginDb,
                    'margin_back_db' => $link->marginBackDb,
                ], $some));
            }
            $reading->update([
                'state' => 'done', 'ended_at' => $isFirst ? now() : $reading->ended_at, 'asleep' => $heard->asleep, 'more_due' => false,
                'routes' => $heard->routes ?? $reading->routes,
            ]);
            event(new MeshRead($reading, count($heard->links), $isFirst));
        });
    }

    protected function refused(string $why): void
    {
        MeshReading::query()->whereKey($this->readingId)->where('state', 'reading')
            ->update(['state' => 'failed', 'reason' => $why, 'ended_at' => now()]);
        MeshReading::query()->whereKey($this->readingId)->update(['more_due' => false]);
    }
}
