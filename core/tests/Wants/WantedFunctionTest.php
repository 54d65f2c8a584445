<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Wants;

use Kavvel\Core\Wants\WantedFunction;
use Kavvel\Core\Wants\WantGroup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WantedFunctionTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $profile
     * @param  list<string>  $served
     */
    #[DataProvider('profiles')]
    public function test_what_a_device_does(array $profile, array $served): void
    {
        self::assertSame($served, array_map(
            static fn (WantedFunction $one): string => $one->value,
            WantedFunction::servedBy(Shelf::profile('one', $profile)),
        ));
    }

    /** @return array<string, array{array<string, mixed>, list<string>}> */
    public static function profiles(): array
    {
        $mains = ['power' => 'mains', 'role' => 'router'];

        return [
            'relay' => [[...$mains, 'capabilities' => ['on-off']], ['switch-light']],
            'dimmer' => [[...$mains, 'capabilities' => ['on-off', 'level']], ['switch-light', 'dim-light']],
            'lamp' => [[...$mains, 'capabilities' => ['on-off', 'level', 'colour'], 'removable' => true], [
                'switch-light', 'dim-light', 'colour-light',
            ]],
            'a light that only dims' => [[...$mains, 'capabilities' => ['level'], 'load' => 'light'], ['dim-light']],
            'plug' => [[...$mains, 'capabilities' => ['on-off', 'power'], 'removable' => true], ['switch-socket', 'meter']],
            'a plug that only measures' => [[...$mains, 'capabilities' => ['power'], 'load' => 'socket'], ['meter']],
            'a meter of a circuit' => [[...$mains, 'capabilities' => ['power'], 'spot' => 'wall'], []],
            'a switch that measures' => [[...$mains, 'capabilities' => ['on-off', 'power']], ['switch-light']],
            'relay plug' => [[...$mains, 'capabilities' => ['on-off', 'relay']], []],
            'blind' => [['capabilities' => ['cover']], ['cover']],
            'valve' => [['capabilities' => ['thermostat', 'temperature']], ['heat']],
            'thermostat on the wall' => [[...$mains, 'capabilities' => ['thermostat', 'temperature']], ['heat', 'temperature']],
            'climate sensor' => [['capabilities' => ['temperature', 'humidity']], ['temperature', 'humidity']],
            'humidity of a machine' => [['capabilities' => ['humidity'], 'spot' => 'appliance'], ['watch']],
            'air sensor' => [['capabilities' => ['co2']], ['air']], 'another' => [['capabilities' => ['air-quality']], ['air']],
            'motion sensor' => [['capabilities' => ['occupancy']], ['presence']],
            'contact' => [['capabilities' => ['contact']], ['opened']],
            'lock' => [['capabilities' => ['lock']], ['lock']], 'leak' => [['capabilities' => ['leak']], ['leak']],
            'smoke' => [['capabilities' => ['smoke']], ['smoke']], 'siren' => [['capabilities' => ['siren']], ['siren']],
            'button' => [['capabilities' => ['button']], ['key']], 'doorbell' => [['capabilities' => ['button', 'camera']], ['ring']],
            'camera' => [['capabilities' => ['camera']], []], 'panel' => [['capabilities' => ['display']], ['panel']],
            'heater' => [['protocol' => 'ir', 'power' => 'mains', 'capabilities' => ['on-off']], ['appliance']],
            'towel rail' => [['power' => 'mains', 'capabilities' => ['on-off', 'temperature'], 'load' => 'appliance'], ['appliance']],
            'probe' => [['capabilities' => ['temperature'], 'spot' => 'appliance'], ['watch']],
        ];
    }

    public function test_every_function_is_in_one_group_and_says_what_it_is(): void
    {
        $grouped = array_merge(...array_map(static fn (WantGroup $group): array => $group->functions(), WantGroup::cases()));

        self::assertEqualsCanonicalizing(WantedFunction::cases(), $grouped);
        $titles = array_map(static fn (WantedFunction $one): string => $one->title(), WantedFunction::cases());
        self::assertSame($titles, array_unique($titles));
        self::assertSame([WantedFunction::Appliance, WantedFunction::Watch], array_values(array_filter(
            WantedFunction::cases(),
            static fn (WantedFunction $one): bool => ! $one->canBeSuggested(),
        )));
    }
}
