<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What is expected behind a bridge, against what is found there. */
final readonly class BridgeCount
{
    /**
     * @param  int  $expected  slots of the plan that stand behind it
     * @param  int  $matched  of them those that have their device
     * @param  int  $found  devices that it shows
     * @param  int  $silent  of them those that do not answer
     */
    private function __construct(public int $expected, public int $matched, public int $found, public int $silent) {}

    /** @param list<BridgedNode> $nodes */
    public static function of(int $expected, array $nodes): self
    {
        return new self(
            $expected,
            count(array_filter($nodes, static fn (BridgedNode $node): bool => $node->isTaken)),
            count($nodes),
            count(array_filter($nodes, static fn (BridgedNode $node): bool => ! $node->isReachable)),
        );
    }

    /** "4 are expected behind it: 3 found, 1 of them does not answer." */
    public function words(): string
    {
        $expected = $this->expected === 1 ? 'One is expected behind it' : "{$this->expected} are expected behind it";
        $silent = match ($this->silent) {
            0 => '',
            1 => ', 1 of them does not answer',
            default => ", {$this->silent} of them do not answer",
        };

        return "{$expected}: {$this->found} found{$silent}.".match (true) {
            $this->found > $this->expected => ' Not all that it shows is in the plan.',
            $this->found < $this->expected => ' What is missing is paired with the bridge in its own app first.',
            default => '',
        };
    }
}
