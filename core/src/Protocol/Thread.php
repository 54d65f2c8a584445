<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** Devices come in through Matter and need a border router. */
final readonly class Thread extends Rules implements RouteRule
{
    use Ieee802154;

    /** Longest commissioning window (Matter core specification) */
    private const WINDOW_SECONDS = 900;

    /** 16 is infinite (Thread specification, route cost) */
    private const DEAREST_PATH = 15;

    /** Most active routers of a partition (Thread specification) */
    private const MOST_ROUTERS = 32;

    public function tag(): string
    {
        return 'TH';
    }

    public function title(): string
    {
        return 'Thread';
    }

    public function joining(): Joining
    {
        return Joining::Window;
    }

    public function leaving(): Leaving
    {
        return Leaving::Fabric;
    }

    public function longestWindowSeconds(): int
    {
        return self::WINDOW_SECONDS;
    }

    public function labelFields(): array
    {
        return Matter::nodeLabel();
    }

    public function routes(): RouteRule
    {
        return $this;
    }

    /** Link quality 3, 2, 1 costs 1, 2, 4 (Thread specification). */
    public function linkCost(float $marginDb): ?int
    {
        return match (true) {
            $marginDb > 20 => 1,
            $marginDb > 10 => 2,
            $marginDb > self::EXISTS_DB => 4,
            default => null,
        };
    }

    public function pathCostLimit(): int
    {
        return self::DEAREST_PATH;
    }

    public function unremarkableHops(): ?int
    {
        return null;
    }

    public function mostHops(): ?int
    {
        return null;
    }

    public function sizeNotes(int $devices, int $routers): array
    {
        return $routers > self::MOST_ROUTERS
            ? [sprintf('%d devices could route; Thread keeps %d of them active.', $routers, self::MOST_ROUTERS)]
            : [];
    }
}
