<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

final readonly class Wifi extends Rules
{
    /** New devices usually blink for this long (assumption) */
    private const WINDOW_SECONDS = 180;

    private const SENSITIVITY_DBM = -82.0;

    /** What is heard at a device, at the least (assumption) */
    private const ACCEPTABLE_DBM = -75.0;

    public function tag(): string
    {
        return 'WF';
    }

    public function title(): string
    {
        return 'Wi-Fi';
    }

    public function joining(): Joining
    {
        return Joining::Window;
    }

    public function leaving(): Leaving
    {
        return Leaving::Account;
    }

    public function radio(Region $region): RadioDefaults
    {
        return new RadioDefaults(2437, 17, self::SENSITIVITY_DBM);
    }

    public function paths(): RouteRule
    {
        return new Star(1);
    }

    /** An access point is heard well enough from here on, whatever a job asks of its meshes */
    public function acceptedFromDb(float $ofTheJob): float
    {
        return self::ACCEPTABLE_DBM - self::SENSITIVITY_DBM;
    }

    /** 2.4 GHz (IEEE 802.11) */
    public function channelMHz(int $number): ?float
    {
        return match (true) {
            $number === 14 => 2484.0,
            $number >= 1 && $number <= 13 => 2412.0 + 5 * ($number - 1),
            default => null,
        };
    }

    public function channelWords(): string
    {
        return '1 to 14';
    }

    public function longestWindowSeconds(): int
    {
        return self::WINDOW_SECONDS;
    }
}
