<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** What is known of the functions of devices: what people call them, and since which release they travel over Matter. */
final readonly class FunctionTable
{
    /** Release of the Matter specification in which each came; null: the standard has no word for it */
    private const SINCE = [
        'on-off' => '1.0', 'level' => '1.0', 'colour' => '1.0', 'cover' => '1.0', 'tilt' => '1.0', 'lock' => '1.0',
        'thermostat' => '1.0', 'contact' => '1.0', 'occupancy' => '1.0', 'temperature' => '1.0', 'humidity' => '1.0',
        'illuminance' => '1.0', 'button' => '1.0', 'smoke' => '1.2', 'co2' => '1.2', 'air-quality' => '1.2', 'power' => '1.3',
        'leak' => '1.3', 'valve' => '1.3', 'camera' => '1.5', 'siren' => null, 'display' => null, 'turn' => null,
        'activity' => null,
    ];

    private const WORDS = [
        'on-off' => 'on and off', 'level' => 'brightness', 'colour' => 'colour', 'cover' => 'open and close', 'tilt' => 'tilt',
        'lock' => 'lock', 'thermostat' => 'wanted temperature', 'contact' => 'open or closed', 'occupancy' => 'presence',
        'temperature' => 'temperature', 'humidity' => 'humidity', 'illuminance' => 'daylight', 'button' => 'key presses',
        'smoke' => 'smoke alarm', 'co2' => 'CO₂', 'air-quality' => 'air quality', 'power' => 'watts', 'leak' => 'leak alarm',
        'valve' => 'valve', 'camera' => 'picture', 'siren' => 'siren', 'display' => 'display', 'turn' => 'turning',
        'activity' => 'an activity',
    ];

    /** Somebody relies on these when it matters; they never hang on a cloud alone */
    private const SAFETY = ['lock', 'smoke'];

    /** What a device is for others, and nobody wants from elsewhere */
    private const INSIDE = ['relay', 'bridge'];

    public static function capability(string $id): Capability
    {
        $since = self::SINCE[$id] ?? null;

        return new Capability(
            $id,
            $since === null ? null : Release::of($since),
            in_array($id, self::SAFETY, true),
            $since !== null || ! array_key_exists($id, self::SINCE),
        );
    }

    public static function words(string $id): string
    {
        return self::WORDS[$id] ?? str_replace('-', ' ', $id);
    }

    /**
     * @param  list<string>  $capabilities
     * @return list<string> those that can be wanted from elsewhere
     */
    public static function passedOn(array $capabilities): array
    {
        return array_values(array_diff($capabilities, self::INSIDE));
    }
}
