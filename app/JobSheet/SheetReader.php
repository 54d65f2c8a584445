<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Gateway;
use App\Models\Network;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Plan\Geometry;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Pairing\HubChoice;
use Kavvel\Core\Pairing\HubOffer;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Proof;
use Kavvel\Core\Proving\Rung;

/** Loads a job sheet in four queries, whatever its size. */
final readonly class SheetReader
{
    private Geometry $geometry;

    public function __construct(private SiteJob $job)
    {
        $this->geometry = Geometry::of($job);
    }

    public function read(): JobSheet
    {
        $nodes = $this->job->nodes()->orderBy('id')->get()->getDictionary();
        $hubs = $this->hubs();
        $proofs = $this->proofs();
        $profiles = Catalogue::of($this->job->region);
        $offers = array_map(static fn (Hub $hub): HubOffer => $hub->offer(), $hubs);
        $chosen = [];
        foreach (Protocol::cases() as $protocol) {
            $chosen[$protocol->value] = self::byKey($hubs, HubChoice::for($protocol, $offers));
        }
        $cards = [];
        foreach ($this->slots() as $slot) {
            $profile = $profiles[$slot->profile_id];
            $node = $nodes[$slot->node_id] ?? null;
            $hub = $node === null ? $chosen[$profile->protocol->value] : self::byId($hubs, $node->gateway_id);
            $cards[$slot->key] = $this->card($slot, $profile, $node, $hub, $proofs[$slot->id] ?? []);
        }

        return new JobSheet($this->job, $this->geometry, $cards, $nodes, $hubs);
    }

    /** @param list<Proof> $proofs */
    private function card(Slot $slot, Profile $profile, ?Node $node, ?Hub $hub, array $proofs): SlotCard
    {
        $stored = $slot->getAttributes();
        $room = $this->geometry->rooms[$slot->room_id];
        $slot->setRelation('node', $node);
        $isOn = $node !== null && $node->state !== Node::LEFT;

        return new SlotCard(
            $slot,
            $profile,
            $slot->room_id,
            $room['name'],
            $room['storey'],
            $this->geometry->storey($room['storey'])['name'] ?? '',
            $node,
            $hub,
            Ladder::of($proofs, $slot->node_id, $isOn),
            $stored['forecast_id'] === null
                ? null
                : new SlotForecast($stored['forecast_id'], $stored['margin_db'], $stored['parent_margin_db'], $stored['parent_key']),
        );
    }

    /** @return Collection<int, Slot> with the forecast of this version of the plan beside it */
    private function slots(): Collection
    {
        $version = $this->job->plan_version;

        return $this->job->slots()->orderBy('room_id')->orderBy('slots.id')->select('slots.*')
            ->leftJoin('forecasts', static fn (JoinClause $join) => $join
                ->on('forecasts.slot_id', 'slots.id')->where('forecasts.plan_version', $version))
            ->addSelect(['forecasts.id as forecast_id', 'forecasts.margin_db', 'forecasts.parent_margin_db', 'forecasts.parent_key'])
            ->get();
    }

    /** @return array<int, list<Proof>> by id of the slot, oldest first */
    private function proofs(): array
    {
        $proofs = [];
        $columns = ['slot_id', 'node_id', 'rung', 'outcome', 'reason', 'withdrawn_at'];
        foreach ($this->job->proofResults()->orderBy('id')->toBase()->get($columns) as $row) {
            $proofs[$row->slot_id][] = new Proof(
                Rung::from($row->rung),
                Outcome::from($row->outcome),
                $row->node_id,
                (string) $row->reason,
                $row->withdrawn_at !== null,
            );
        }

        return $proofs;
    }

    /** @return list<Hub> */
    private function hubs(): array
    {
        $networks = Network::query()->whereColumn('gateway_id', 'gateways.id')->selectRaw('json_objectagg(protocol, linked)');
        /** @var Collection<int, Gateway> $gateways */
        $gateways = $this->job->gateways()->orderBy('id')->addSelect(['gateways.*', 'spoken' => $networks])->get();

        return array_values($gateways->map(function (Gateway $gateway): Hub {
            /** @var array<string, int> $spoken protocols, 1 where the link opens their windows */
            $spoken = json_decode($gateway->getAttributes()['spoken'] ?? '{}', true);
            $opened = $gateway->url === null ? [] : array_filter($spoken);

            return new Hub($gateway, $this->storeyOf($gateway), self::protocols($spoken), self::protocols($opened));
        })->all());
    }

    private function storeyOf(Gateway $gateway): string
    {
        foreach ($this->geometry->storeys as $storey) {
            if ($storey['id'] === $gateway->storey_id) {
                return $storey['key'];
            }
        }

        return '';
    }

    /**
     * @param  array<string, int>  $spoken
     * @return list<Protocol>
     */
    private static function protocols(array $spoken): array
    {
        return array_values(array_map(static fn (int|string $word): Protocol => Protocol::from((string) $word), array_keys($spoken)));
    }

    /** @param list<Hub> $hubs */
    private static function byKey(array $hubs, ?string $key): ?Hub
    {
        return array_values(array_filter($hubs, static fn (Hub $hub): bool => $hub->key() === $key))[0] ?? null;
    }

    /** @param list<Hub> $hubs */
    private static function byId(array $hubs, ?int $id): ?Hub
    {
        return array_values(array_filter($hubs, static fn (Hub $hub): bool => $hub->gateway->id === $id))[0] ?? null;
    }
}
