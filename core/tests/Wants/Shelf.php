<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;

/** A small catalogue to choose from. */
final class Shelf
{
    /** @param array<string, mixed> $own */
    public static function profile(string $key, array $own): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => $key, 'name' => ucfirst($key), 'model' => strtoupper($key), 'protocol' => 'zigbee', 'role' => 'end',
            'power' => 'battery', 'capabilities' => [], ...$own,
        ]));
    }

    /** @return list<Profile> */
    public static function usual(): array
    {
        $mains = ['power' => 'mains', 'role' => 'router'];

        return [
            self::profile('relay', ['name' => 'Ceiling relay', ...$mains, 'capabilities' => ['on-off']]),
            self::profile('dimmer', ['name' => 'Ceiling dimmer', ...$mains, 'capabilities' => ['on-off', 'level']]),
            self::profile('lamp', ['name' => 'Table lamp', ...$mains, 'capabilities' => ['on-off', 'level'], 'removable' => true]),
            self::profile('plug', ['name' => 'Metering plug', ...$mains, 'capabilities' => ['on-off', 'power'], 'removable' => true]),
            self::profile('repeater', ['name' => 'Relay plug', ...$mains, 'capabilities' => ['on-off', 'relay']]),
            self::profile('contact', ['name' => 'Window contact', 'capabilities' => ['contact']]),
            self::profile('thermometer', ['name' => 'Room thermometer', 'capabilities' => ['temperature']]),
            self::profile('hygrometer', ['name' => 'Room hygrometer', 'capabilities' => ['humidity']]),
            self::profile('air', ['name' => 'Air sensor', 'capabilities' => ['temperature', 'humidity', 'co2']]),
            self::profile('motion', ['name' => 'Motion sensor', 'capabilities' => ['occupancy', 'illuminance']]),
            self::profile('valve', ['name' => 'Radiator valve', 'capabilities' => ['thermostat', 'temperature']]),
            self::profile('heater', ['name' => 'Panel heater', 'protocol' => 'ir', 'power' => 'mains', 'capabilities' => ['on-off']]),
        ];
    }
}
