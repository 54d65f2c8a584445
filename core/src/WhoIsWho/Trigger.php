<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

use Kavvel\Core\Catalogue\Profile;

/** What a person does to a device to make it speak, and what it is then heard to say. */
final readonly class Trigger
{
    /** By what is heard: those that a hand brings about, and nothing else, before those that a device also tells by itself */
    private const ACTS = [
        'contact' => 'Open it, and close it again',
        'button' => 'Press a key',
        'turn' => 'Turn it',
        'occupancy' => 'Walk past it',
        'leak' => 'Touch its contacts with a wet finger',
        'smoke' => 'Press its test button',
        'lock' => 'Lock and unlock it by hand',
        'cover' => 'Move it by its own key',
        'tilt' => 'Turn its slats by its own key',
        'on-off' => 'Switch it by its own key',
        'level' => 'Dim it by its own key',
        'valve' => 'Turn it by hand',
        'thermostat' => 'Turn it up by hand',
        'siren' => 'Press its test button',
        'temperature' => 'Warm it in your hand for half a minute',
        'humidity' => 'Breathe on it',
    ];

    /** Said every few minutes without anybody near: once may be chance (assumption) */
    private const TOLD_BY_ITSELF = ['temperature', 'humidity'];

    private function __construct(public string $capability, public string $words) {}

    /** Null: no hand makes it speak; it can only be told to blink. */
    public static function of(Profile $profile): ?self
    {
        foreach (self::ACTS as $capability => $words) {
            if ($profile->can($capability)) {
                return new self($capability, $words);
            }
        }

        return null;
    }

    /** How often it has to be heard before it is told from its neighbours. */
    public function roundsNeeded(): int
    {
        return in_array($this->capability, self::TOLD_BY_ITSELF, true) ? 2 : 1;
    }
}
