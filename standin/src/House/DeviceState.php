<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Site\Vec3;

/** How one device stands while the fold runs. */
final class DeviceState
{
    public string $phase;

    public string $light = 'off';

    public bool $on = false;

    /** @var array<string, string> what it has become, by capability */
    public array $values = [];

    public ?string $label = null;

    /** The key of its remote that it obeyed last */
    public ?string $did = null;

    public ?Fault $fault;

    /** How it stands behind its bridge, where it has one */
    public Presence $presence;

    public bool $triedOnce = false;

    /** @var array{kind?: string, value?: string} that its window was opened with */
    public array $code = [];

    /** The digits that somebody gave the hub, which asked for them */
    public ?string $pin = null;

    public ?Vec3 $carriedTo = null;

    /** @var list<int> times of the last presses, in ms */
    public array $presses = [];

    /** Somebody switched its supply off: at the wall, at the board, or by pulling it out */
    public bool $isOff = false;

    /** When it was awake last, in ms */
    public int $spokeAt = 0;

    /** Counts pairings, so that a timer of an earlier one finds that it is stale. */
    public int $round = 0;

    public function __construct(public readonly Device $device)
    {
        $this->fault = $device->fault;
        $this->presence = $device->presence;
        // Its bridge has its name of its own app.
        $this->label = $device->behind === null ? $device->name : ucfirst($device->title);
        $this->phase = match (true) {
            $device->bus !== null => 'wired',
            $device->joined => 'joined',
            default => 'out',
        };
    }

    /** A spare in the van has none. */
    public function hasPower(): bool
    {
        return ! $this->isOff && ($this->device->position !== null || $this->carriedTo !== null);
    }

    /** It listens only when it has something to say. */
    public function sleeps(): bool
    {
        return $this->device->profile->power === 'battery' && ! $this->device->profile->isRouter;
    }

    /** Its antenna where it is now; null without power, or without a radio. */
    public function end(): ?RadioEnd
    {
        return $this->isOff ? null : $this->device->end($this->carriedTo);
    }

    /** @return array<string, string> what it is now, by capability */
    public function known(): array
    {
        return ['on-off' => $this->on ? 'on' : 'off'] + $this->values;
    }

    /**
     * @param  string  $chance  another for every drive
     * @return string where it has come to, in percent
     */
    public function moveTo(string $capability, int $asked, string $chance): string
    {
        $reached = ($this->device->ends ?? Ends::read(null))->reached($capability, $asked, "{$this->device->key} {$chance}");

        return $this->values[$capability] = (string) $reached;
    }

    public function isIn(): bool
    {
        return $this->phase === 'joined' || $this->phase === 'in-part';
    }

    /** @return array<string, mixed> all of it that moves */
    public function kept(): array
    {
        return array_diff_key(get_object_vars($this), ['device' => true]);
    }

    /** @param array<string, mixed> $kept */
    public function restore(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $this->{$name} = $value;
        }
    }
}
