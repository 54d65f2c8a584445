<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** What one protocol says of itself. The answers here are those of a protocol that has nothing of the kind. */
abstract readonly class Rules
{
    /** Two letters. */
    abstract public function tag(): string;

    abstract public function title(): string;

    abstract public function joining(): Joining;

    abstract public function leaving(): Leaving;

    /** The planning defaults of an ordinary device, or null without a radio. */
    public function radio(Region $region): ?RadioDefaults
    {
        return null;
    }

    /** A second radio that reaches the controller straight, or null where there is none in this region. */
    public function longRange(Region $region): ?RadioDefaults
    {
        return null;
    }

    public function hasLongRange(): bool
    {
        return false;
    }

    /** The longest that a window stays open, in seconds; null where no window is opened. */
    public function longestWindowSeconds(): ?int
    {
        return null;
    }

    /** Whether a device says what state it is in; else nobody knows more than what was last sent to it. */
    public function tellsState(): bool
    {
        return true;
    }

    /** How messages find their way from device to device; null where every device talks to its hub alone. */
    public function routes(): ?RouteRule
    {
        return null;
    }

    /** How the ways of its devices to the hub are judged, handed on or not; null: it has no radio that a hub could read. */
    public function paths(): ?RouteRule
    {
        return $this->routes();
    }

    /**
     * From which margin in dB a link is accepted.
     *
     * @param  float  $ofTheJob  what the job asks for
     */
    public function acceptedFromDb(float $ofTheJob): float
    {
        return $ofTheJob;
    }

    /** Whether something between a device and its hub can hand on what it says. */
    public function isHandedOn(): bool
    {
        return $this->routes() !== null;
    }

    /** @return list<LabelField> what of a name is written to the device, in the order of the fields */
    public function labelFields(): array
    {
        return [];
    }

    /** Centre of a numbered channel in MHz; null when there is no such channel, or there are no numbered channels. */
    public function channelMHz(int $number): ?float
    {
        return null;
    }

    /** Which channels there are, in words, where they have numbers. */
    public function channelWords(): ?string
    {
        return null;
    }

    /** Whether any number of its devices may come in through one window, without a code or a person beside each. */
    public function takesManyAtOnce(): bool
    {
        return false;
    }

    /** Whether a controller and a device of different regions never hear each other. */
    public function hasRegions(): bool
    {
        return false;
    }

    /** Whether Wi-Fi and fast USB ports nearby drown it. */
    public function isDrownedAt2400MHz(): bool
    {
        return false;
    }
}
