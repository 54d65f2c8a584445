<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Naming;

use Kavvel\Core\Naming\DeviceLabel;
use Kavvel\Core\Naming\Name;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

final class DeviceLabelTest extends TestCase
{
    public function test_a_device_with_one_field_shows_the_whole_name_where_it_fits(): void
    {
        $fits = str_repeat('n', 32);
        $labels = ['Matter label' => 'short'];

        self::assertSame($fits, DeviceLabel::of(new Name('a', $fits, '', $labels), Protocol::Matter)->name);
        self::assertSame('short', DeviceLabel::of(new Name('a', "{$fits}n", '', $labels), Protocol::Matter)->name);
    }

    public function test_one_with_two_fields_has_its_room_in_the_other(): void
    {
        $name = new Name('a', 'Hall light', '', ['Z-Wave name' => 'light', 'Z-Wave location' => 'Hall']);
        $label = DeviceLabel::of($name, Protocol::ZWave);

        self::assertSame(['light', 'Hall'], [$label->name, $label->place]);
        $without = new Name('a', 'Light', '', ['Z-Wave name' => 'Light', 'Z-Wave location' => '']);
        self::assertNull(DeviceLabel::of($without, Protocol::ZWave)->place);
    }

    public function test_without_a_field_the_hub_has_the_whole_name(): void
    {
        $name = new Name('a', str_repeat('long ', 20), '', []);

        self::assertSame([$name->name, null], [
            DeviceLabel::of($name, Protocol::Zigbee)->name, DeviceLabel::of($name, Protocol::Zigbee)->place,
        ]);
    }
}
