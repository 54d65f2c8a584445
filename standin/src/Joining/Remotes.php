<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\House;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** Devices that only listen to a remote: the hub learns what their remotes send, and sends it itself. Nobody answers. */
final readonly class Remotes
{
    private const SENDING_MS = 250;

    /** Held longer than this a key repeats itself, and no clear code is heard */
    private const LONGEST_PRESS_SECONDS = 1.0;

    public function __construct(private World $world, private Hub $hub) {}

    /** A key of its remote is pressed: the device obeys, and a hub that listens near by hears it. */
    public function pressed(DeviceState $state, string $key, float $seconds, bool $isNearHub): void
    {
        $remote = $state->device->remote;
        if ($remote === null || ! in_array($key, $remote->keys, true)) {
            return;
        }
        $this->obey($state, $key);
        $window = $this->hub->windows[$state->device->profile->protocol->value] ?? null;
        if ($window === null || $window['kind'] !== 'learn') {
            return;
        }
        if (! $isNearHub || $seconds > self::LONGEST_PRESS_SECONDS) {
            $this->hub->emit('key.unclear', ['window' => $window['ref'], 'reason' => $isNearHub ? 'repeats' : 'weak']);

            return;
        }
        $this->hub->emit('key.learnt', ['window' => $window['ref'], 'signal' => $remote->signal($key)]);
        $this->hub->closeWindow($window['ref'], 'done');
    }

    /** @param array<string, mixed> $signal as the hub was told to send it: `signal`, or `preset` and `key` */
    public function send(string $command, Protocol $protocol, array $signal): void
    {
        $this->world->after(self::SENDING_MS, 'sent', ['command' => $command]);
        foreach ($this->world->devices as $state) {
            $key = $state->device->profile->protocol === $protocol ? $this->meant($state, $signal) : null;
            if ($key !== null && $this->world->house->isReachedBySender($state->device)) {
                $this->obey($state, $key);
            }
        }
    }

    /** The hub's own list of codes knows this model at all. */
    public static function hasPreset(House $house, string $model): bool
    {
        foreach ($house->devices as $device) {
            if ($device->profile->model === $model && $device->remote?->hasPreset === true) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, mixed> $signal */
    private function meant(DeviceState $state, array $signal): ?string
    {
        $remote = $state->device->remote;
        if ($remote === null) {
            return null;
        }
        foreach ($remote->keys as $key) {
            $isLearnt = ($signal['signal'] ?? null) === $remote->signal($key);
            $isPreset = ($signal['preset'] ?? null) === $state->device->profile->model && ($signal['key'] ?? null) === $key
                && $remote->isInPreset($key);
            if ($isLearnt || $isPreset) {
                return $key;
            }
        }

        return null;
    }

    private function obey(DeviceState $state, string $key): void
    {
        if (! $state->hasPower()) {
            return;
        }
        $state->did = $key;
        $state->on = match ($key) {
            'On' => true,
            'Off' => false,
            'Power' => ! $state->on,
            default => $state->on,
        };
    }
}
