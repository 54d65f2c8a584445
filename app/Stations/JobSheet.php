<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\Gateway;
use App\Models\SiteJob;
use App\Plan\Geometry;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\RadioEnd;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/** A job as every station reads it: the building, its slots with their standing, its gateway. Loaded once a request. */
final readonly class JobSheet
{
    /** @param array<string, SlotCard> $cards by key, in the order of the plan */
    private function __construct(public SiteJob $job, public Geometry $geometry, public array $cards, public ?Gateway $gateway) {}

    public static function of(SiteJob $job): self
    {
        $geometry = Geometry::of($job);
        $slots = $job->slots()->with('node')->orderBy('room_id')->orderBy('id')->get();
        $outcomes = [];
        foreach ($job->proofResults()->orderBy('id')->toBase()->get(['slot_id', 'rung', 'outcome']) as $proof) {
            $outcomes[$proof->slot_id][$proof->rung] = Outcome::from($proof->outcome);
        }
        $forecasts = [];
        foreach ($job->forecasts()->where('plan_version', $job->plan_version)->toBase()->get(['id', 'slot_id', 'margin_db', 'parent_margin_db', 'parent_key']) as $row) {
            $forecasts[$row->slot_id] = new SlotForecast($row->id, $row->margin_db, $row->parent_margin_db, $row->parent_key);
        }
        $profiles = Catalogue::of($job->region);
        $storeys = array_column($geometry->storeys, 'name', 'key');
        $cards = [];
        foreach ($slots as $slot) {
            ['id' => $id, 'key' => $key, 'room_id' => $roomId, 'profile_id' => $profileId] = $slot->getAttributes();
            $room = $geometry->rooms[$roomId];
            $node = $slot->getRelation('node');
            $cards[$key] = new SlotCard(
                $slot,
                $profiles[$profileId],
                $room['name'],
                $room['storey'],
                $storeys[$room['storey']],
                $node,
                new Ladder($outcomes[$id] ?? [], $node?->state === 'joined'),
                $forecasts[$id] ?? null,
            );
        }
        /** @var Collection<int, Gateway> $gateways */
        $gateways = $job->gateways()->with('networks')->orderBy('id')->get();

        return new self($job, $geometry, $cards, $gateways->first());
    }

    public function card(?string $key): ?SlotCard
    {
        return $key === null ? null : $this->cards[$key] ?? null;
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

        return array_filter(array_map(fn (SlotCard $card): ?RadioEnd => $card->radioEnd($side, $this->geometry->rooms[$card->slot->room_id]['outline']), $cards));
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

    public function clutter(): Clutter
    {
        return new Clutter($this->job->clutter_constant_db, $this->job->clutter_db_per_metre);
    }
}
