<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Node;
use App\Models\SiteJob;
use App\Plan\Geometry;
use App\Plan\PlanHub;
use App\Plan\PlanSheet;
use App\Plan\PlanSlot;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Pairing\HubChoice;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\RoomSide;

/** A job as every station reads it: the building, its slots with their standing, its hubs. Loaded once a request. */
final readonly class JobSheet
{
    /**
     * @param  array<string, SlotCard>  $cards  by key, in the order of the plan
     * @param  array<int, Node>  $nodes  by id, matched to a slot or not
     * @param  list<Hub>  $hubs  in the order of the plan
     */
    public function __construct(
        public SiteJob $job,
        public Geometry $geometry,
        public array $cards,
        public array $nodes,
        public array $hubs,
    ) {}

    public static function of(SiteJob $job): self
    {
        return (new SheetReader($job))->read();
    }

    public function card(?string $key): ?SlotCard
    {
        return $key === null ? null : $this->cards[$key] ?? null;
    }

    public function cardOfSlot(?int $slotId): ?SlotCard
    {
        foreach ($this->cards as $card) {
            if ($card->slot->id === $slotId) {
                return $card;
            }
        }

        return null;
    }

    /** The slot that this node is the device of. */
    public function cardOfNode(int $nodeId): ?SlotCard
    {
        foreach ($this->cards as $card) {
            if ($card->node?->id === $nodeId) {
                return $card;
            }
        }

        return null;
    }

    /** The bridge that it comes in behind. */
    public function bridgeOf(SlotCard $card): ?SlotCard
    {
        return $this->card($card->behind);
    }

    /** @return list<SlotCard> what comes in behind this bridge */
    public function behind(SlotCard $bridge): array
    {
        return array_values(array_filter($this->cards, static fn (SlotCard $card): bool => $card->behind === $bridge->key()));
    }

    /** @return list<Node> what the hub sees behind this bridge */
    public function nodesBehind(SlotCard $bridge): array
    {
        return $bridge->node === null || ! $bridge->isIn() ? [] : array_values(array_filter(
            $this->nodes,
            static fn (Node $node): bool => $node->via === $bridge->node->address && $node->gateway_id === $bridge->node->gateway_id
                && $node->state !== Node::LEFT,
        ));
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
    public function ofProtocol(Protocol $protocol): array
    {
        return array_filter($this->cards, static fn (SlotCard $card): bool => $card->profile->protocol === $protocol);
    }

    public function countIn(): int
    {
        return count(array_filter($this->cards, static fn (SlotCard $card): bool => $card->isIn()));
    }

    /**
     * @param  array<string, SlotCard>  $cards
     * @return array<string, RadioEnd> those that have a radio, by key
     */
    public function radioEnds(array $cards, Building $building): array
    {
        $side = new RoomSide($building->walls);

        return array_filter(array_map(
            fn (SlotCard $card): ?RadioEnd => $card->radioEnd($side, $this->geometry->rooms[$card->roomId]['outline']),
            $cards,
        ));
    }

    /** Devices that are in, and whose best way leads through this one, or that stand behind it. */
    public function hangingOn(SlotCard $card): int
    {
        return count(array_filter($this->cards, static fn (SlotCard $other): bool => $other->isIn()
            && ($other->forecast?->parentKey === $card->key() || $other->behind === $card->key())));
    }

    public function hub(?int $gatewayId): ?Hub
    {
        foreach ($this->hubs as $hub) {
            if ($hub->gateway->id === $gatewayId) {
                return $hub;
            }
        }

        return null;
    }

    /** Where it goes when it is paired next, and why. */
    public function hubChoice(SlotCard $card): HubChoice
    {
        return (new HubChoices($this->hubs))->of($card->slot, $card->profile->protocol);
    }

    /** @return list<Hub> those that Kavvel reaches over their link */
    public function linkedHubs(): array
    {
        return array_values(array_filter($this->hubs, static fn (Hub $hub): bool => $hub->isLinked()));
    }

    /** @return list<Hub> linked ones of which nothing is heard */
    public function silentHubs(): array
    {
        return array_values(array_filter($this->hubs, static fn (Hub $hub): bool => $hub->silentSince() !== null));
    }

    public function plan(): PlanSheet
    {
        return new PlanSheet(
            $this->geometry,
            array_map(static fn (SlotCard $card): PlanSlot => $card->planSlot(), $this->cards),
            array_map(static fn (Hub $hub): PlanHub => $hub->planHub(), $this->hubs),
        );
    }

    public function clutter(): Clutter
    {
        return new Clutter($this->job->clutter_constant_db, $this->job->clutter_db_per_metre);
    }
}
