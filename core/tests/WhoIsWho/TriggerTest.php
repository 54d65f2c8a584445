<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Kavvel\Core\WhoIsWho\Trigger;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TriggerTest extends TestCase
{
    /** @param list<string> $capabilities */
    #[TestWith([['contact', 'temperature'], 'contact', 1])]
    #[TestWith([['occupancy', 'illuminance', 'temperature'], 'occupancy', 1])]
    #[TestWith([['temperature', 'humidity'], 'temperature', 2])]
    #[TestWith([['thermostat', 'temperature'], 'thermostat', 1])]
    #[TestWith([['on-off', 'power'], 'on-off', 1])]
    #[TestWith([['humidity'], 'humidity', 2])]
    public function test_what_a_hand_brings_about_comes_before_what_it_tells_by_itself(
        array $capabilities,
        string $heard,
        int $rounds,
    ): void {
        $trigger = Trigger::of(Sensors::profile(capabilities: $capabilities));

        self::assertSame($heard, $trigger?->capability);
        self::assertSame($rounds, $trigger->roundsNeeded());
    }

    public function test_what_no_hand_makes_speak_has_none(): void
    {
        self::assertNull(Trigger::of(Sensors::profile(capabilities: ['bridge'])));
    }
}
