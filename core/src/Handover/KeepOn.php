<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

use Kavvel\Core\Mesh\MeshReport;

/** Something that must stay plugged in and switched on, and why. */
final readonly class KeepOn
{
    private function __construct(public string $id, public string $why) {}

    /**
     * Every relay, those that others reach the hub through by the last readings with how many they are; and every plug with
     * something on it that must stay on.
     *
     * @param  list<RelayInUse>  $relays
     * @param  list<MeshReport>  $reports  of each radio
     * @return list<self> in the order of the relays
     */
    public static function among(array $relays, array $reports): array
    {
        $below = [];
        foreach ($reports as $report) {
            foreach ($report->nodes as $node) {
                foreach (array_slice($node->path, 1, -1) as $relay) {
                    $below["id {$relay}"] = ($below["id {$relay}"] ?? 0) + 1;
                }
            }
        }

        return array_map(
            static fn (RelayInUse $relay): self => new self($relay->id, self::why($relay, $below["id {$relay->id}"] ?? 0)),
            $relays,
        );
    }

    private static function why(RelayInUse $relay, int $below): string
    {
        return implode(' ', array_filter([
            $relay->feeds === null ? null : "It feeds what must stay on: {$relay->feeds}.",
            $relay->relays ? self::whyItRelays($relay, $below) : null,
        ]));
    }

    private static function whyItRelays(RelayInUse $relay, int $below): string
    {
        return match (true) {
            $below === 1 => 'One device reaches the hub through it.',
            $below > 1 => "{$below} devices reach the hub through it.",
            $relay->isRemovable => 'It relays for its neighbours while it is plugged in and on.',
            default => 'It relays for its neighbours: leave its breaker on.',
        };
    }
}
