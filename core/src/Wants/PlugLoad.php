<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Load;
use Kavvel\Core\Catalogue\Profile;

/** What is plugged in, and what follows from it for the plug (RULES 9.6, 10.2). */
final readonly class PlugLoad
{
    /** Heaters of this and more go on a rated contactor (RULES 9.6) */
    private const CONTACTOR_FROM_W = 2000.0;

    /**
     * @param  bool  $staysOn  a freezer, a router, a pump: harm is done when it is off
     * @param  bool  $heats  it heats or cooks
     */
    public function __construct(public string $what, public ?float $watts, public bool $staysOn, public bool $heats) {}

    /** Whether it matters what such a device feeds: something is plugged into it, and anybody may switch it. */
    public static function isAskedOf(Profile $profile): bool
    {
        return $profile->load === Load::Socket && ! $profile->isMadeToRelay();
    }

    /** @return list<string> */
    public function cautions(Profile $profile): array
    {
        $watts = $this->watts ?? 0.0;
        $most = $profile->mostWatts;

        return array_values(array_filter([
            $most !== null && $watts > $most
                ? sprintf('%s W is more than the %s W that this plug may switch.', self::number($watts), self::number($most)) : null,
            $this->heats && $watts >= self::CONTACTOR_FROM_W
                ? 'From 2 kW a heater goes on a rated contactor, put in by a licensed person.' : null,
            $this->heats ? 'Never started unattended: not by time, sun or from away.' : null,
            $this->staysOn ? 'It must stay on: no part of “all off”, and nobody switches it by name.' : null,
            $this->staysOn && $profile->removable ? 'Lock its key, or take a plug that only measures.' : null,
        ]));
    }

    private static function number(float $watts): string
    {
        return number_format($watts, 0, '.', ',');
    }
}
