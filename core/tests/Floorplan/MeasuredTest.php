<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeasuredTest extends TestCase
{
    #[DataProvider('said')]
    public function test_a_room_is_read_as_it_is_said(string $said, string $name, float $width, float $depth, ?float $height = null): void
    {
        $room = Measured::parse($said);

        self::assertSame([$name, $width, $depth, $height], [$room->name, $room->width, $room->depth, $room->height]);
    }

    /** @return list<array{0: string, 1: string, 2: float, 3: float, 4?: float}> */
    public static function said(): array
    {
        return [
            ['kitchen 4.2 x 3.6', 'Kitchen', 4.2, 3.6],
            ['kitchen 4.2 x 3.6, h 2.4', 'Kitchen', 4.2, 3.6, 2.4],
            ['kitchen 4.2m x 3.6m h2,45 m', 'Kitchen', 4.2, 3.6, 2.45],
            ['kitchen 4.2 x 3.6 height 12', 'Kitchen', 4.2, 3.6, 12.0],
            ['  bedroom 2  3,05 × 4 m ', 'Bedroom 2', 3.05, 4.0],
            ['WC 0.9*1.4', 'WC', 0.9, 1.4],
            ['étage 60 X 0.3', 'Étage', 60.0, 0.3],
        ];
    }

    #[DataProvider('unsaid')]
    public function test_what_is_no_room_is_refused(string $said): void
    {
        $this->expectException(InvalidInput::class);

        Measured::parse($said);
    }

    /** @return list<array{string}> */
    public static function unsaid(): array
    {
        return [
            ['kitchen'], ['4.2 x 3.6'], ['kitchen 4.2'], ['kitchen 0.29 x 3'], ['kitchen 3 x 60.1'], [''], ['kitchen 3 x 4, h 0.9'],
            ['kitchen 3 x 4, h 12.1'], [str_repeat('k', 61).' 3 x 4'],
        ];
    }

    public function test_its_outline_runs_in_the_middle_of_its_walls(): void
    {
        $room = Measured::parse('kitchen 4 x 3');

        self::assertSame([[1.0, 2.0], [5.12, 2.0], [5.12, 5.12], [1.0, 5.12]], $room->outline(1.0, 2.0, RoomKind::Room));
        self::assertSame([5.0, 5.0], $room->outline(1.0, 2.0, RoomKind::Yard)[2]);
    }
}
