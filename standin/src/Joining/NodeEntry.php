<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Presence;

/** A node as the gateway link lists it. */
final readonly class NodeEntry
{
    /** All that is known of a device whose interview was cut short */
    public const IN_PART = ['battery'];

    /**
     * @return array{
     *     address: string, protocol: string, model: string, firmware: string, role: string, capabilities: list<string>, power: string,
     *     label: string|null, state: string, via?: string, reachable?: bool,
     * }
     */
    public static function of(DeviceState $state, ?DeviceState $bridge = null): array
    {
        $profile = $state->device->profile;

        return [
            'address' => $state->device->address,
            'protocol' => $profile->protocol->value,
            'model' => $profile->model,
            'firmware' => '1.0.'.(hexdec(substr($state->device->address, -1)) % 5),
            'role' => $profile->isRouter ? 'router' : 'end',
            'capabilities' => $state->phase === 'in-part' ? self::IN_PART : $profile->capabilities,
            'power' => $profile->power,
            'label' => $state->label,
            'state' => $state->phase,
            ...($bridge === null ? [] : ['via' => $bridge->device->address, 'reachable' => $state->presence === Presence::Online]),
        ];
    }
}
