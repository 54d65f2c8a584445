<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Wants\PlugLoad;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlugLoadTest extends TestCase
{
    /** @param list<non-empty-string> $cautions beginnings */
    #[DataProvider('loads')]
    public function test_what_follows_from_a_load(PlugLoad $load, array $cautions): void
    {
        $told = $load->cautions(self::plug(['mostWatts' => 2300]));

        self::assertCount(count($cautions), $told);
        foreach ($cautions as $number => $beginning) {
            self::assertStringStartsWith($beginning, $told[$number]);
        }
    }

    /** @return array<string, array{PlugLoad, list<non-empty-string>}> */
    public static function loads(): array
    {
        return [
            'a lamp' => [new PlugLoad('lamp', 40, false, false), []],
            'a freezer' => [new PlugLoad('freezer', 120, true, false), ['It must stay on', 'Lock its key']],
            'a small heater' => [new PlugLoad('heater', 1999, false, true), ['Never started unattended']],
            'a heater' => [new PlugLoad('heater', 2000, false, true), ['From 2 kW', 'Never started unattended']],
            'as much as it may' => [new PlugLoad('saw', 2300, false, false), []],
            'too much' => [new PlugLoad('saw', 2301, false, false), ['2,301 W is more than the 2,300 W']],
            'nobody knows how much' => [new PlugLoad('heater', null, false, true), ['Never started unattended']],
        ];
    }

    public function test_a_plug_that_can_not_be_pulled_needs_no_lock_and_one_without_a_limit_has_none(): void
    {
        self::assertCount(1, (new PlugLoad('freezer', 9000, true, false))->cautions(self::plug(['removable' => false])));
    }

    public function test_it_is_asked_of_what_something_is_plugged_into(): void
    {
        self::assertTrue(PlugLoad::isAskedOf(self::plug([])));
        $relay = self::plug(['capabilities' => ['on-off', 'relay'], 'role' => 'router', 'removable' => false]);
        self::assertFalse(PlugLoad::isAskedOf($relay), 'a relay feeds nothing');
        self::assertFalse(PlugLoad::isAskedOf(self::plug(['load' => 'light'])));
        self::assertFalse(PlugLoad::isAskedOf(self::plug(['capabilities' => ['contact'], 'load' => null])));
    }

    /** @param array<string, mixed> $own */
    private static function plug(array $own): Profile
    {
        return Shelf::profile('plug', [
            'power' => 'mains', 'capabilities' => ['on-off', 'power'], 'load' => 'socket', 'removable' => true, ...$own,
        ]);
    }
}
