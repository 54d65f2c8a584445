<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Fit\BoxCautions;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Floorplan\RoomKind;
use PHPUnit\Framework\TestCase;

final class BoxCautionsTest extends TestCase
{
    public function test_where_a_box_is_and_what_it_is_made_of_is_heeded(): void
    {
        $begins = static fn (?FoundBox $box, RoomKind $kind, string $room): array => array_map(
            static fn (string $one): string => substr($one, 0, 8),
            BoxCautions::of($box, $kind, $room),
        );

        self::assertSame([], $begins(null, RoomKind::Room, 'Hall'));
        self::assertSame([], $begins(Boxes::box(), RoomKind::Room, 'Hall'));
        self::assertSame(['A room w'], $begins(null, RoomKind::Room, 'Guest bathroom'));
        self::assertSame(['Outdoors'], $begins(null, RoomKind::Yard, 'Yard'));
        self::assertSame(['A room w', 'Outdoors'], $begins(null, RoomKind::Outbuilding, 'Wash house'));
        self::assertSame(
            ['The box ', 'Devices '],
            $begins(new FoundBox(60, 0, 2, 3, NeutralFound::Own, isMetal: true), RoomKind::Room, 'Hall'),
        );
    }
}
