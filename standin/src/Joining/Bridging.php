<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Presence;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** What stands behind a bridge comes and goes with it. */
final readonly class Bridging
{
    private const APPEARS_MS = 600;

    public function __construct(private World $world, private Hub $hub) {}

    /** One after the other the hub sees what the bridge has. */
    public function joined(DeviceState $bridge): void
    {
        foreach ($this->world->behind($bridge) as $number => $state) {
            $this->world->after(($number + 1) * self::APPEARS_MS, 'appears', ['behind' => $state->device->key]);
        }
    }

    public function left(DeviceState $bridge): void
    {
        foreach ($this->world->behind($bridge) as $state) {
            if ($state->isIn()) {
                $state->phase = 'out';
                $this->hub->emit('device.left', ['address' => $state->device->address]);
            }
        }
    }

    public function appears(DeviceState $state): void
    {
        $bridge = $this->bridge($state);
        if ($bridge?->isIn() === true && ! $state->isIn()) {
            $state->phase = 'joined';
            $this->hub->emit('device.joined', NodeEntry::of($state, $bridge));
        }
    }

    /** Its power is switched on or off, or it is paired with the bridge in the bridge's own app. */
    public function turn(DeviceState $state, Presence $presence): void
    {
        if ($this->bridge($state) === null || $state->presence === $presence) {
            return;
        }
        $state->presence = $presence;
        if ($state->isIn()) {
            $this->hub->emit('device.reachable', [
                'address' => $state->device->address, 'reachable' => $presence === Presence::Online,
            ]);
        } else {
            $this->appears($state);
        }
    }

    public function bridge(DeviceState $state): ?DeviceState
    {
        return $this->world->devices[$state->device->behind ?? ''] ?? null;
    }
}
