<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class BluetoothLe extends Rules
{
    /** New devices usually blink for this long (assumption) */
    private const WINDOW_SECONDS = 180;

    public function tag(): string
    {
        return 'BT';
    }

    public function title(): string
    {
        return 'Bluetooth LE';
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
        return Leaving::Bond;
    }

    /** LE 1M, planned in the middle of its band */
    public function radio(Region $region): RadioDefaults
    {
        return new RadioDefaults(2440, 4, -93);
    }

    /** By relays that hear it, and tell the hub over the house network */
    public function isHandedOn(): bool
    {
        return true;
    }

    /** Straight to the hub, or to one relay */
    public function paths(): RouteRule
    {
        return new Star(2);
    }

    public function longestWindowSeconds(): int
    {
        return self::WINDOW_SECONDS;
    }

    public function isDrownedAt2400MHz(): bool
    {
        return true;
    }
}
