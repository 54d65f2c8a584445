<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Circuits;

use Kavvel\Core\Circuits\Circuit;
use Kavvel\Core\Circuits\CircuitCheck;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\CircuitRemark;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\Lamps;
use Kavvel\Core\Tests\Floorplan\House;
use PHPUnit\Framework\TestCase;

final class CircuitCheckTest extends TestCase
{
    public function test_a_register_in_order_has_no_remarks(): void
    {
        self::assertSame([], self::told(self::lights('a', 'Kitchen', ['kitchen']), self::lights('b', 'Hall', ['hall'])));
    }

    public function test_lamps_beyond_breaker_or_channel(): void
    {
        self::assertSame(
            ['a 1,400 W of lamps, and its breaker bears 1,380 W.', 'a 1,400 W of lamps, and channel D1 bears 300 W.'],
            self::told(self::lights('a', 'All', ['kitchen', 'hall'], 20, 70.0, channel: 'D1', channelW: 300)),
        );
        self::assertSame([], self::told(self::lights('a', 'All', ['kitchen', 'hall'], 20, 69.0)), 'as much as it bears');
        self::assertSame([], self::told(self::lights('a', 'All', ['kitchen', 'hall'], 20, 5.0, channel: 'D1', channelW: 100)));
    }

    public function test_a_label_or_a_channel_twice_is_asked_about(): void
    {
        self::assertSame(['b Its label is that of another circuit: which is which?'], self::told(
            self::lights('a', 'Lights', ['kitchen']),
            self::lights('b', 'lights', ['hall']),
        ));
        self::assertSame(['b Its panel channel is that of another circuit: which is which?'], self::told(
            self::lights('a', 'One', ['kitchen'], channel: 'D1'),
            self::lights('b', 'Two', ['hall'], channel: 'd1'),
        ));
    }

    public function test_rooms_that_no_circuit_lights(): void
    {
        self::assertSame([' No circuit lights hall.'], self::told(self::lights('a', 'Kitchen', ['kitchen'])));
        self::assertSame([], self::told(), 'nothing is noted yet');
    }

    public function test_what_is_not_noted_is_listed(): void
    {
        self::assertSame(
            ['s Not noted yet: breaker, residual-current device.', ' No circuit lights kitchen, hall.', 'l Not noted yet: lamps.'],
            array_values(array_unique([
                ...self::told(new Circuit('s', 'Sockets', CircuitKind::Sockets, rooms: ['kitchen'])),
                ' No circuit lights kitchen, hall.',
                ...self::told(new Circuit('l', 'Lights', CircuitKind::Light, 'B6', 6, 'RCD 1', 'L1', ['kitchen', 'hall'])),
            ])),
        );
    }

    /** @param list<string> $rooms */
    private static function lights(
        string $key,
        string $label,
        array $rooms,
        int $count = 2,
        float $watts = 5.0,
        ?string $channel = null,
        ?float $channelW = null,
    ): Circuit {
        return new Circuit($key, $label, CircuitKind::Light, 'B6', 6.0, 'RCD 1', 'L1', $rooms, $channel, $channelW, [
            new Lamps($rooms[0], $count, $watts, Dimmable::Yes),
        ]);
    }

    /** @return list<string> */
    private static function told(Circuit ...$circuits): array
    {
        return array_map(
            static fn (CircuitRemark $one): string => "{$one->circuit} {$one->text}",
            (new CircuitCheck(House::of('kitchen 4 x 3', 'hall 2 x 3'), 230))->of(array_values($circuits)),
        );
    }
}
