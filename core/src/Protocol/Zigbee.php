<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class Zigbee extends Rules implements RouteRule
{
    use Ieee802154;

    /** The longest permit-join that the standard knows (Zigbee specification) */
    private const WINDOW_SECONDS = 254;

    /** A path deeper than this is worth a note (assumption) */
    private const UNREMARKABLE_HOPS = 5;

    /** Links are priced up to this (Zigbee specification, link cost) */
    private const DEAREST_LINK = 7;

    public function tag(): string
    {
        return 'ZB';
    }

    public function title(): string
    {
        return 'Zigbee';
    }

    public function joining(): Joining
    {
        return Joining::Window;
    }

    public function takesManyAtOnce(): bool
    {
        return true;
    }

    public function leaving(): Leaving
    {
        return Leaving::Removed;
    }

    public function longestWindowSeconds(): int
    {
        return self::WINDOW_SECONDS;
    }

    public function routes(): RouteRule
    {
        return $this;
    }

    /** min(7, round(1/p⁴)) (Zigbee specification, link cost); p from the margin is an assumption. */
    public function linkCost(float $marginDb): ?int
    {
        if ($marginDb < self::EXISTS_DB) {
            return null;
        }
        $chance = 1 / (1 + exp(-($marginDb - 8) / 2));

        return (int) min(self::DEAREST_LINK, round(1 / $chance ** 4));
    }

    public function pathCostLimit(): ?int
    {
        return null;
    }

    public function unremarkableHops(): int
    {
        return self::UNREMARKABLE_HOPS;
    }

    public function mostHops(): ?int
    {
        return null;
    }

    public function sizeNotes(int $devices, int $routers): array
    {
        return [];
    }
}
