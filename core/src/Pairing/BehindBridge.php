<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Naming\Text;

/**
 * Which of the devices behind a bridge a slot's device is. A bridge copies the names of its own app, so that of several alike the one
 * that is called as the plan calls it is taken; else only a person who triggers them can tell.
 */
final readonly class BehindBridge
{
    /**
     * @param  list<BridgedNode>  $candidates  those that it could be, the likeliest first
     * @param  BridgedNode|null  $likeliest  null: nothing tells which
     */
    private function __construct(public BehindAct $act, public array $candidates, public ?BridgedNode $likeliest) {}

    /**
     * @param  list<string>  $calls  what the plan calls the device: its name, its title
     * @param  list<BridgedNode>  $nodes  behind its bridge
     * @param  bool  $isBridgeIn  the bridge is on its network
     * @param  bool  $isHubSilent  nothing is heard of the hub
     */
    public static function of(Profile $profile, array $calls, array $nodes, bool $isBridgeIn, bool $isHubSilent): self
    {
        if (! $isBridgeIn) {
            return new self(BehindAct::PairBridge, [], null);
        }
        $free = array_values(array_filter($nodes, static fn (BridgedNode $node): bool => ! $node->isTaken));
        $exact = array_values(array_filter(
            $free,
            static fn (BridgedNode $node): bool => NodeFit::of($profile, $node->reported)->isItsModel(),
        ));
        $others = array_values(array_filter(
            $free,
            static fn (BridgedNode $node): bool => ! in_array($node, $exact, true) && NodeFit::of($profile, $node->reported)->isPossible(),
        ));
        $named = array_values(array_filter($exact, static fn (BridgedNode $node): bool => self::isCalled($node, $calls)));
        $likeliest = match (true) {
            count($exact) === 1 => $exact[0],
            count($named) === 1 => $named[0],
            default => null,
        };
        $rest = array_filter([...$named, ...$exact, ...$others], static fn (BridgedNode $node): bool => $node !== $likeliest);
        $candidates = [...($likeliest === null ? [] : [$likeliest]), ...self::once($rest)];

        return new self(match (true) {
            $isHubSilent => BehindAct::Wait,
            $candidates === [] => BehindAct::PairAtBridge,
            $likeliest !== null => BehindAct::Confirm,
            default => BehindAct::Choose,
        }, $candidates, $likeliest);
    }

    /** Several alike are there, and none is called as the plan calls it: only a trigger tells them apart. */
    public function asksForTrigger(): bool
    {
        return $this->act === BehindAct::Choose && count($this->candidates) > 1;
    }

    /** @param list<string> $calls */
    private static function isCalled(BridgedNode $node, array $calls): bool
    {
        $called = array_map(Text::slug(...), array_filter($calls));

        return $node->label !== null && in_array(Text::slug($node->label), $called, true);
    }

    /**
     * @param  array<BridgedNode>  $nodes
     * @return list<BridgedNode> each once, in their order
     */
    private static function once(array $nodes): array
    {
        $byAddress = [];
        foreach ($nodes as $node) {
            $byAddress[" {$node->address}"] ??= $node;
        }

        return array_values($byAddress);
    }
}
