<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Gateway;
use App\Models\Network;
use App\Models\Node;
use App\Models\SiteJob;
use App\Plan\Geometry;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/** A job as every station reads it: the building, its slots with their standing, its gateway. Loaded once a request. */
final readonly class JobSheet
{
    /**
     * @param  array<string, SlotCard>  $cards  by key, in the order of the plan
     * @param  array<int, Node>  $nodes  by id, matched to a slot or not
     */
    private function __construct(public SiteJob $job, public Geometry $geometry, public array $cards, public array $nodes, public ?Gateway $gateway) {}

    public static function of(SiteJob $job): self
    {
        $geometry = Geometry::of($job);
        $slots = $job->slots()->orderBy('room_id')->orderBy('slots.id')->select('slots.*')
            ->leftJoin('forecasts', static fn (JoinClause $join) => $join->on('forecasts.slot_id', 'slots.id')->where('forecasts.plan_version', $job->plan_version))
            ->addSelect(['forecasts.id as forecast_id', 'forecasts.margin_db', 'forecasts.parent_margin_db', 'forecasts.parent_key'])->get();
        $nodes = $job->nodes()->orderBy('id')->get()->getDictionary();
        $outcomes = [];
        foreach ($job->proofResults()->orderBy('id')->toBase()->get(['slot_id', 'rung', 'outcome']) as $proof) {
            $outcomes[$proof->slot_id][$proof->rung] = Outcome::from($proof->outcome);
        }
        $profiles = Catalogue::of($job->region);
        $storeys = array_column($geometry->storeys, 'name', 'key');
        $cards = [];
        foreach ($slots as $slot) {
            ['id' => $id, 'key' => $key, 'room_id' => $roomId, 'profile_id' => $profileId, 'node_id' => $nodeId, 'forecast_id' => $forecastId] = $stored = $slot->getAttributes();
            $room = $geometry->rooms[$roomId];
            $node = $nodes[$nodeId] ?? null;
            $slot->setRelation('node', $node);
            $cards[$key] = new SlotCard(
                $slot,
                $profiles[$profileId],
                $roomId,
                $room['name'],
                $room['storey'],
                $storeys[$room['storey']],
                $node,
                new Ladder($outcomes[$id] ?? [], $node?->state === 'joined'),
                $forecastId === null ? null : new SlotForecast($forecastId, $stored['margin_db'], $stored['parent_margin_db'], $stored['parent_key']),
            );
        }
        /** @var Collection<int, Gateway> $gateways */
        $gateways = $job->gateways()->orderBy('id')->addSelect(['gateways.*', 'spoken' => Network::query()->whereColumn('gateway_id', 'gateways.id')->selectRaw('json_objectagg(protocol, linked)')])->get();

        return new self($job, $geometry, $cards, $nodes, $gateways->first());
    }

    public function card(?string $key): ?SlotCard
    {
        return $key === null ? null : $this->cards[$key] ?? null;
    }

    /** @return array<int, list<SlotCard>> by id of the room */
    public function cardsByRoom(): array
    {
        $rooms = [];
        foreach ($this->cards as $card) {
            $rooms[$card->roomId][] = $card;
        }

        return $rooms;
    }

    /** @return array<string, SlotCard> */
    public function ofProtocol(string $protocol): array
    {
        return array_filter($this->cards, static fn (SlotCard $card): bool => $card->profile->protocol === $protocol);
    }

    /**
     * @param  array<string, SlotCard>  $cards
     * @return array<string, RadioEnd> those that have a radio, by key
     */
    public function radioEnds(array $cards, Building $building): array
    {
        $side = new RoomSide($building->walls);

        return array_filter(array_map(fn (SlotCard $card): ?RadioEnd => $card->radioEnd($side, $this->geometry->rooms[$card->roomId]['outline']), $cards));
    }

    /** @return list<string> protocols that the gateway speaks */
    public function protocols(): array
    {
        return array_keys($this->spoken());
    }

    /** @return list<string> protocols that Kavvel reaches over the gateway link */
    public function linkedProtocols(): array
    {
        return $this->gateway?->url === null ? [] : array_keys(array_filter($this->spoken()));
    }

    /** Whether Kavvel opens the window of this device, names it and hears it; else all that is done at its own controller. */
    public function isLinked(SlotCard $card): bool
    {
        return in_array($card->profile->protocol, $this->linkedProtocols(), true);
    }

    public function gatewayPlace(): ?Vec3
    {
        return $this->gateway === null ? null : new Vec3($this->gateway->x, $this->gateway->y, $this->gateway->z);
    }

    public function gatewayStorey(): ?string
    {
        foreach ($this->geometry->storeys as $storey) {
            if ($storey['id'] === $this->gateway?->storey_id) {
                return $storey['key'];
            }
        }

        return null;
    }

    /** @return array<string, int> protocols of the gateway, fetched with it: 1 where its link opens their windows */
    private function spoken(): array
    {
        /** @var array<string, int> */
        return json_decode($this->gateway?->getAttributes()['spoken'] ?? '[]', true);
    }

    public function clutter(): Clutter
    {
        return new Clutter($this->job->clutter_constant_db, $this->job->clutter_db_per_metre);
    }
}
