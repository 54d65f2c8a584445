<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** Over Wi-Fi; what comes in over Thread is a Thread device here. */
final readonly class Matter extends Rules
{
    /** Longest commissioning window (Matter core specification) */
    private const WINDOW_SECONDS = 900;

    /** Bytes of a node label (Matter core specification, Basic Information) */
    private const LABEL_BYTES = 32;

    public function tag(): string
    {
        return 'MT';
    }

    public function title(): string
    {
        return 'Matter';
    }

    public function joining(): Joining
    {
        return Joining::Window;
    }

    public function leaving(): Leaving
    {
        return Leaving::Fabric;
    }

    public function radio(Region $region): RadioDefaults
    {
        return (new Wifi)->radio($region);
    }

    public function paths(): RouteRule
    {
        return (new Wifi)->paths();
    }

    public function acceptedFromDb(float $ofTheJob): float
    {
        return (new Wifi)->acceptedFromDb($ofTheJob);
    }

    public function longestWindowSeconds(): int
    {
        return self::WINDOW_SECONDS;
    }

    public function labelFields(): array
    {
        return self::nodeLabel();
    }

    /** @return list<LabelField> */
    public static function nodeLabel(): array
    {
        return [LabelField::name('Matter label', self::LABEL_BYTES)];
    }
}
