<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Gateway;
use App\Models\Network;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Plan\Geometry;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Kavvel\Core\Bridging\Mark;
use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Fit\WiredSlot;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Proof;
use Kavvel\Core\Proving\Rung;

/** Loads a job sheet in five queries, whatever its size. */
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
        $slots = $this->slots();
        [$linked, $since] = $this->linked(self::addresses($slots, $nodes));
        $profiles = Catalogue::of($this->job->region);
        $byId = array_column(array_map(static fn (Hub $hub): array => [$hub->gateway->id, $hub], $hubs), 1, 0);
        $choices = new HubChoices($hubs);
        $storeys = array_column($this->geometry->storeys, 'name', 'key');
        $school = PairingOrder::from($this->job->school);
        $cards = [];
        $byKey = $slots->keyBy('id');
        foreach ($slots as $slot) {
            // Read as stored: a page asks for these thousands of times.
            $stored = $slot->getAttributes();
            $profile = $profiles[$stored['profile_id']];
            $node = $nodes[$stored['node_id']] ?? null;
            $at = $node?->getAttributes();
            $room = $this->geometry->rooms[$stored['room_id']];
            $isIn = $at !== null && $at['state'] !== Node::LEFT;
            $bridge = $byKey[$stored['behind_id']] ?? null;
            $slot->setRelation('node', $node);
            $cards[$stored['key']] = new SlotCard(
                $slot,
                $profile,
                $stored['room_id'],
                $room['name'],
                $room['storey'],
                $storeys[$room['storey']],
                $node,
                $isIn ? $byId[$at['gateway_id']] ?? null : $choices->hub($choices->of($bridge ?? $slot, $profile->protocol)),
                Ladder::of(
                    $proofs[$stored['id']] ?? [],
                    $stored['node_id'],
                    $isIn,
                    $linked[$stored['key']] ?? [],
                    $since[$stored['key']] ?? [],
                ),
                $stored['forecast_id'] === null
                    ? null
                    : new SlotForecast($stored['forecast_id'], $stored['margin_db'], $stored['parent_margin_db'], $stored['parent_key']),
                WiredSlot::isTakenAsFitted($stored['fitted_at'] !== null, $isIn, $school),
                WiredSlot::isFittedFirst($profile, $school),
                $bridge?->key,
            );
        }

        return new JobSheet($this->job, $this->geometry, $cards, $nodes, $hubs);
    }

    /** @return Collection<int, Slot> with the forecast of this version of the plan beside it */
    private function slots(): Collection
    {
        $version = $this->job->plan_version;

        return $this->job->slots()->orderBy('room_id')->orderBy('slots.id')->select('slots.*')
            ->leftJoin('forecasts', static fn (JoinClause $join) => $join
                ->on('forecasts.slot_id', 'slots.id')->where('forecasts.plan_version', $version))
            ->leftJoin('slot_fits', 'slot_fits.slot_id', 'slots.id')
            ->leftJoin('circuits', 'circuits.id', 'slot_fits.circuit_id')
            ->addSelect([
                'slot_fits.fitted_at', 'circuits.breaker as circuit_breaker', 'circuits.label as circuit_label',
                'forecasts.id as forecast_id', 'forecasts.margin_db', 'forecasts.parent_margin_db', 'forecasts.parent_key',
            ])
            ->get();
    }

    /**
     * The ecosystems that a slot is linked into: their names, and since when by this path. By its key and theirs. Another device in the
     * slot is not linked by what the one before was.
     *
     * @param  array<string, string>  $addresses  of what is in each slot
     * @return array{array<string, array<string, string>>, array<string, array<string, DateTimeImmutable>>}
     */
    private function linked(array $addresses): array
    {
        $linked = $since = [];
        $rows = $this->job->bridgeLinks()->toBase()->whereNotNull('made_at')
            ->join('ecosystems', static fn (JoinClause $join) => $join
                ->on('ecosystems.key', 'bridge_links.ecosystem_key')->on('ecosystems.site_job_id', 'bridge_links.site_job_id'))
            ->orderBy('ecosystems.id')
            ->get(['devices', 'marks', 'made_at', 'reprove_from', 'ecosystems.key', 'ecosystems.name']);
        foreach ($rows as $row) {
            $from = new DateTimeImmutable($row->reprove_from ?? $row->made_at);
            $marks = json_decode($row->marks ?? '[]', true, 4, JSON_THROW_ON_ERROR);
            foreach (json_decode($row->devices, true, 4, JSON_THROW_ON_ERROR) as $device) {
                [$slot, $rung] = [Wrapper::rawOf($device), Wrapper::rung($device, $row->key)];
                if ($device === $slot && ! Mark::stands($marks[$slot] ?? null, $addresses[$slot] ?? null)) {
                    continue;
                }
                $linked[$slot][$rung] = Wrapper::rungWords($device, $row->name);
                $since[$slot][$rung] = max($since[$slot][$rung] ?? $from, $from);
            }
        }

        return [$linked, $since];
    }

    /**
     * @param  Collection<int, Slot>  $slots
     * @param  array<int, Node>  $nodes  by id
     * @return array<string, string> by key of the slot
     */
    private static function addresses(Collection $slots, array $nodes): array
    {
        $addresses = [];
        foreach ($slots as $slot) {
            $stored = $slot->getAttributes();
            if (isset($nodes[$stored['node_id']])) {
                $addresses[$stored['key']] = $nodes[$stored['node_id']]->getAttributes()['address'];
            }
        }

        return $addresses;
    }

    /** @return array<int, list<Proof>> by id of the slot, oldest first */
    private function proofs(): array
    {
        $proofs = [];
        $columns = ['slot_id', 'node_id', 'rung', 'outcome', 'reason', 'withdrawn_at', 'ecosystem_key', 'at'];
        foreach ($this->job->proofResults()->orderBy('id')->toBase()->get($columns) as $row) {
            $proofs[$row->slot_id][] = new Proof(
                Rung::from($row->rung),
                Outcome::from($row->outcome),
                $row->node_id,
                (string) $row->reason,
                $row->withdrawn_at !== null,
                (string) $row->ecosystem_key,
                $row->ecosystem_key === null ? null : new DateTimeImmutable($row->at),
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
}
