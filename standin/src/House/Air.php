<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Protocol\Protocol;

/** Who hears whom in the house as it stands. */
final readonly class Air
{
    /** Below this a device hears nobody */
    private const HEARS_DB = 2.0;

    public function __construct(private House $house) {}

    /**
     * Who hears whom of one radio, among the hub and the devices that are in and have power, where at least one hands on.
     * What a sleeping device hears itself it tells when it wakes: until then only the other end says how it is heard.
     *
     * @param  array<string, DeviceState>  $devices
     * @param  int  $reading  its number: each is a little different
     * @param  int  $begunAt  in ms
     * @return list<array{from: string, to: string, marginDb: float, marginBackDb?: float}>
     */
    public function links(array $devices, Protocol $protocol, int $reading, int $begunAt): array
    {
        $ends = [$this->house->hub($protocol)];
        $asleep = [];
        foreach ($devices as $state) {
            $isOfIt = $state->isIn() && $state->device->profile->protocol === $protocol && $state->device->behind === null;
            $end = $isOfIt ? $state->end() : null;
            if ($end !== null) {
                $ends[] = $end;
                $asleep[$end->key] = $state->sleeps() && $state->spokeAt < $begunAt;
            }
        }
        $links = [];
        foreach ($ends as $i => $a) {
            foreach (array_slice($ends, $i + 1) as $b) {
                if ($a->asNode()->relays() || $b->asNode()->relays()) {
                    $links[] = $this->link($a, $b, $asleep, $reading);
                }
            }
        }

        return array_values(array_filter($links));
    }

    /**
     * The ways that the hub goes: each the last that worked, when all of them had their supply. It looks for no other by itself.
     *
     * @param  array<string, DeviceState>  $devices
     * @return list<array{address: string, via: list<string>}>
     */
    public function routes(array $devices, Protocol $protocol): array
    {
        $hub = $this->house->hub($protocol);
        $ends = [$hub];
        foreach ($devices as $state) {
            $isOfIt = $state->isIn() && $state->device->profile->protocol === $protocol && $state->device->behind === null;
            $end = $isOfIt ? $state->device->end($state->carriedTo) : null;
            $ends = $end === null ? $ends : [...$ends, $end];
        }
        $links = [];
        foreach ($ends as $i => $a) {
            foreach (array_slice($ends, $i + 1) as $b) {
                if ($a->asNode()->relays() || $b->asNode()->relays()) {
                    $links[] = new Link($a->key, $b->key, ...$this->house->margins($a, $b, 0));
                }
            }
        }
        $nodes = array_map(static fn (RadioEnd $end): Node => $end->asNode(), $ends);
        $report = MeshJudge::judge(new Graph($protocol, $nodes, $links, $hub->key));

        return array_values(array_map(static fn (NodeJudgement $one): array => [
            'address' => $one->id, 'via' => array_slice($one->path, 1, -1),
        ], array_filter($report->nodes, static fn (NodeJudgement $one): bool => $one->isReachable())));
    }

    /**
     * @param  array<string, bool>  $asleep  by address
     * @return array{from: string, to: string, marginDb: float, marginBackDb?: float}|null
     */
    private function link(RadioEnd $a, RadioEnd $b, array $asleep, int $reading): ?array
    {
        // The one that sleeps stands first: how it is heard is known, how it hears is not.
        [$from, $to] = ($asleep[$b->key] ?? false) ? [$b, $a] : [$a, $b];
        [$there, $back] = $this->house->margins($from, $to, $reading);

        return min($there, $back) < self::HEARS_DB ? null : [
            'from' => $from->key, 'to' => $to->key, 'marginDb' => round($there, 1),
            ...(($asleep[$from->key] ?? false) ? [] : ['marginBackDb' => round($back, 1)]),
        ];
    }

    /**
     * Whether the gateway or a relay that is in is near enough to a device.
     *
     * @param  array<string, DeviceState>  $devices
     */
    public function reaches(DeviceState $state, array $devices): bool
    {
        $end = $state->end();
        if ($end === null) {
            return false;
        }
        $protocol = $state->device->profile->protocol;
        if ($this->house->marginDb($end, $this->house->hub($protocol)) >= self::HEARS_DB) {
            return true;
        }
        foreach ($devices as $other) {
            $relays = $other !== $state && $other->phase === 'joined' && $other->device->profile->isRouter
                && $other->device->profile->protocol === $protocol;
            $relay = $relays ? $other->end() : null;
            if ($relay !== null && $this->house->marginDb($end, $relay) >= self::HEARS_DB) {
                return true;
            }
        }

        return false;
    }
}
