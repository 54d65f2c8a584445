<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Survey;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Survey\MeasuredRoom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeasuredRoomTest extends TestCase
{
    #[DataProvider('said')]
    public function test_a_room_is_read_as_it_is_said(string $said, string $name, float $width, float $depth): void
    {
        $room = MeasuredRoom::parse($said);

        self::assertSame([$name, $width, $depth], [$room->name, $room->width, $room->depth]);
    }

    /** @return list<array{string, string, float, float}> */
    public static function said(): array
    {
        return [
            ['kitchen 4.2 x 3.6', 'Kitchen', 4.2, 3.6],
            ['  bedroom 2  3,05 × 4 m ', 'Bedroom 2', 3.05, 4.0],
            ['WC 0.9*1.4', 'WC', 0.9, 1.4],
            ['étage 60 X 0.3', 'Étage', 60.0, 0.3],
        ];
    }

    #[DataProvider('unsaid')]
    public function test_what_is_no_room_is_refused(string $said): void
    {
        $this->expectException(InvalidInput::class);

        MeasuredRoom::parse($said);
    }

    /** @return list<array{string}> */
    public static function unsaid(): array
    {
        return [['kitchen'], ['4.2 x 3.6'], ['kitchen 4.2'], ['kitchen 0.29 x 3'], ['kitchen 3 x 60.1'], ['']];
    }

    public function test_it_stands_beside_what_is_there(): void
    {
        $room = MeasuredRoom::parse('kitchen 4 x 3');

        self::assertSame([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]], $room->beside([]));
        self::assertSame([[5.0, 1.0], [9.0, 1.0], [9.0, 4.0], [5.0, 4.0]], $room->beside([[2.0, 1.0], [5.0, 1.0], [5.0, 2.0], [2.0, 2.0]]));
    }
}
