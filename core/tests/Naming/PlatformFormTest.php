<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Naming;

use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\Ecosystem;
use Kavvel\Core\Naming\PlatformForm;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

final class PlatformFormTest extends TestCase
{
    public function test_a_platform_without_a_limit_shows_the_whole_name(): void
    {
        self::assertSame('Chart room ceiling dimmer', $this->shown(new Ecosystem('panel', null)));
    }

    public function test_one_that_takes_less_gets_a_form_that_fits_without_cutting_a_word(): void
    {
        self::assertSame('Ceiling dimmer', $this->shown(new Ecosystem('voice', 14)));
        self::assertSame('dim', $this->shown(new Ecosystem('watch', 4)));
        self::assertNull($this->shown(new Ecosystem('pin', 2)));
    }

    public function test_one_that_adds_the_room_is_not_told_it_twice(): void
    {
        self::assertSame('Ceiling dimmer', $this->shown(new Ecosystem('voice', null, true)));
    }

    public function test_characters_are_counted_and_not_bytes(): void
    {
        $devices = [new Device('a', 'Küche', 'Türe', 'Öffner', Protocol::Zigbee, 'Küche Türöffner')];

        self::assertSame('Küche Türöffner', PlatformForm::of($devices, [new Ecosystem('voice', 15)], 'a')[0]->text);
    }

    public function test_no_two_are_alike_on_one_platform_but_in_rooms_that_it_adds(): void
    {
        $devices = [
            new Device('a', 'Hall', 'wall', 'light', Protocol::Zigbee, 'Hall wall light'),
            new Device('b', 'Bath', 'wall', 'light', Protocol::Zigbee, 'Bath wall light'),
        ];

        self::assertSame('Wall light 2', PlatformForm::of($devices, [new Ecosystem('voice', 12)], 'b')[0]->text);
        self::assertSame('Wall light', PlatformForm::of($devices, [new Ecosystem('voice', 12, true)], 'b')[0]->text);
    }

    public function test_the_lines_say_which_adds_the_room(): void
    {
        $all = Ecosystem::fromLines("voice, 30, adds the room\npanel; adds room\nwatch, 12");

        self::assertSame([['voice', 30, true], ['panel', null, true], ['watch', 12, false]], array_map(
            static fn (Ecosystem $one): array => [$one->id, $one->maxLength, $one->addsRoom],
            $all,
        ));
    }

    private function shown(Ecosystem $platform): ?string
    {
        $devices = [new Device('a', 'Chart room', 'ceiling', 'dimmer', Protocol::Zigbee, 'Chart room ceiling dimmer')];

        return PlatformForm::of($devices, [$platform], 'a')[0]->text;
    }
}
