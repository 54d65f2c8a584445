<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Edits\AddRooms;
use Kavvel\Core\Floorplan\Edits\AddStorey;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Floorplan\RoomTable;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoomTableTest extends TestCase
{
    public function test_rooms_come_in_from_a_table(): void
    {
        $plan = House::after(House::empty(), new AddStorey('First floor', 'above', 2.3, FloorKind::Timber));
        $edit = new AddRooms(RoomTable::read([
            ["\u{feff}Room", 'Depth', 'Width', 'Storey', 'Height', 'Kind', 'X', 'Y', 'Remark'],
            ['kitchen', '3,6', '4.2', '', '2.4', '', '', '', 'tiled'],
            ['', null, '', '', '', '', '', '', ''],
            ['bedroom', '3', '4', 'first floor', '2.6', 'room', '0', '1.5', ''],
            ['yard', '6', '12', 'ground', '', 'Yard'],
        ], $plan, 'ground'));
        $after = $edit->apply($plan);

        self::assertSame('took in 3 rooms from a table', $edit->words($plan));
        self::assertSame(['kitchen', 'bedroom', 'yard'], array_keys($after->rooms));
        self::assertSame([null, 2.6, null], array_column($after->rooms, 'height'));
        self::assertSame(['ground', 'first-floor', 'ground'], array_column($after->rooms, 'storey'));
        self::assertSame([0.0, 1.5], $after->room('bedroom')->outline[0]);
        self::assertSame(RoomKind::Yard, $after->room('yard')->kind);
    }

    public function test_half_a_place_is_none(): void
    {
        $plan = House::of('kitchen 4 x 3');
        $rows = [['room', 'width', 'depth', 'x', 'y'], ['hall', '2', '3', '7', ''], ['store', '2', '3', '', '7']];
        $after = (new AddRooms(RoomTable::read($rows, $plan, 'ground')))->apply($plan);

        self::assertSame([[4.12, 0.0], [6.24, 0.0]], [$after->room('hall')->outline[0], $after->room('store')->outline[0]]);
    }

    /** @param list<list<string>> $rows */
    #[DataProvider('broken')]
    public function test_a_broken_table_names_the_row(string $at, array $rows): void
    {
        try {
            RoomTable::read($rows, House::empty(), 'ground');
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($at, substr($refused->at, 0, strlen($at)));
        }
    }

    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function broken(): iterable
    {
        $heading = ['room', 'width', 'depth', 'kind', 'storey', 'x'];

        return [
            'nothing' => ['row 1', []],
            'no heading' => ['row 1', [['kitchen', '4', '3']]],
            'no rooms' => ['row 2', [$heading]],
            'no width' => ['row 2, width', [$heading, ['kitchen', '', '3']]],
            'no number' => ['row 3, depth', [$heading, ['kitchen', '4', '3'], ['hall', '2', 'three']]],
            'no room of that size' => ['row 2', [$heading, ['kitchen', '0.1', '3']]],
            'no such kind' => ['row 2, kind', [$heading, ['kitchen', '4', '3', 'cave']]],
            'no such storey' => ['row 2, storey', [$heading, ['kitchen', '4', '3', '', 'loft']]],
            'a place that is none' => ['row 2, x', [$heading, ['kitchen', '4', '3', '', '', 'left']]],
            'too many' => ['rows', [$heading, ...array_fill(0, 201, ['room', '1', '1'])]],
        ];
    }
}
