<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** What a device says once it is in. */
final readonly class Reports
{
    public function __construct(private World $world, private Hub $hub) {}

    /** Somebody opens it, wets it, walks past it or switches it by hand. */
    public function trigger(DeviceState $state): void
    {
        if ($state->fault === Fault::FlatBattery || ! $state->hasPower()) {
            return;
        }
        if ($state->device->profile->isActuator()) {
            $state->on = ! $state->on;
        }
        if ($state->isIn() && $this->world->hears($state)) {
            $this->hub->woke($state);
            [$capability, $value] = $state->device->report();
            $value = $value === 'toggled' ? ($state->on ? 'on' : 'off') : $value;
            $this->hub->emit('device.reported', [
                'address' => $state->device->address,
                'capability' => $capability,
                'value' => $value,
            ]);
            $this->world->tell($state->device->key, $capability, $value);
        }
    }
}
