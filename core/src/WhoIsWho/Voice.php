<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

use Kavvel\Core\Pairing\ReportedNode;

/** A device that spoke while somebody listened. */
final readonly class Voice
{
    /**
     * @param  string|null  $slot  key of the slot that it is the device of; null: it is nobody’s yet
     * @param  array<int, list<string>>  $said  capabilities by round, from 1
     */
    public function __construct(public string $id, public ReportedNode $node, public ?string $slot, public array $said) {}

    /** It said this in each of the first rounds. */
    public function saidInAll(string $capability, int $rounds): bool
    {
        for ($round = 1; $round <= $rounds; $round++) {
            if (! $this->saidIn($capability, $round)) {
                return false;
            }
        }

        return true;
    }

    public function saidIn(string $capability, int $round): bool
    {
        return in_array($capability, $this->said[$round] ?? [], true);
    }
}
