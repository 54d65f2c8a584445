<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** Devices that hand nothing on: each talks to its hub, or to a relay that tells the hub over the house network. */
final readonly class Star implements RouteRule
{
    /** A good way over a relay is better than a poor one straight to the hub (assumption) */
    private const GOOD_DB = 12.0;

    private const POOR_DB = 6.0;

    private const POOR_COST = 3;

    private const WORST_COST = 6;

    /** @param int $mostHops 1: straight to the hub; 2: over one relay */
    public function __construct(private int $mostHops) {}

    public function linkCost(float $marginDb): ?int
    {
        return match (true) {
            $marginDb < self::EXISTS_DB => null,
            $marginDb >= self::GOOD_DB => 1,
            $marginDb >= self::POOR_DB => self::POOR_COST,
            default => self::WORST_COST,
        };
    }

    public function pathCostLimit(): ?int
    {
        return null;
    }

    public function unremarkableHops(): ?int
    {
        return null;
    }

    public function mostHops(): int
    {
        return $this->mostHops;
    }

    public function sizeNotes(int $devices, int $routers): array
    {
        return [];
    }
}
