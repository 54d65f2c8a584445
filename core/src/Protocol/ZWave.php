<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class ZWave extends Rules implements RouteRule
{
    /** What a gateway gives for inclusion and exclusion where it says nothing (gateway's default) */
    private const WINDOW_SECONDS = 60;

    /** 4 repeaters, so 5 hops (ITU-T G.9959, routing) */
    private const MOST_HOPS = 5;

    /** Most nodes of a classic network (ITU-T G.9959) */
    private const MOST_NODES = 232;

    /** Bytes of a node name, and of a node location (Z-Wave node naming and location) */
    private const LABEL_BYTES = 16;

    public function tag(): string
    {
        return 'ZW';
    }

    public function title(): string
    {
        return 'Z-Wave';
    }

    public function joining(): Joining
    {
        return Joining::Window;
    }

    public function leaving(): Leaving
    {
        return Leaving::Excluded;
    }

    /** 40 kb/s (ITU-T G.9959) */
    public function radio(Region $region): RadioDefaults
    {
        return match ($region) {
            Region::Eu => new RadioDefaults(868.42, 5, -96),
            Region::Us => new RadioDefaults(908.42, 0, -96),
            Region::Anz => new RadioDefaults(921.42, 0, -96),
        };
    }

    /** Straight to the controller, no mesh (ITU-T G.9959). */
    public function longRange(Region $region): ?RadioDefaults
    {
        return match ($region) {
            Region::Eu => new RadioDefaults(864.4, 14, -110),
            Region::Us => new RadioDefaults(912, 14, -110),
            Region::Anz => null,
        };
    }

    public function hasLongRange(): bool
    {
        return true;
    }

    public function longestWindowSeconds(): int
    {
        return self::WINDOW_SECONDS;
    }

    public function labelFields(): array
    {
        return [LabelField::name('Z-Wave name', self::LABEL_BYTES), LabelField::place('Z-Wave location', self::LABEL_BYTES)];
    }

    public function hasRegions(): bool
    {
        return true;
    }

    public function routes(): RouteRule
    {
        return $this;
    }

    /** Every link counts as one hop. */
    public function linkCost(float $marginDb): ?int
    {
        return $marginDb < self::EXISTS_DB ? null : 1;
    }

    public function pathCostLimit(): int
    {
        return self::MOST_HOPS;
    }

    public function unremarkableHops(): ?int
    {
        return null;
    }

    public function mostHops(): int
    {
        return self::MOST_HOPS;
    }

    public function sizeNotes(int $devices, int $routers): array
    {
        return $devices > self::MOST_NODES
            ? [sprintf('%d devices are more than the %d of one Z-Wave mesh.', $devices, self::MOST_NODES)]
            : [];
    }
}
