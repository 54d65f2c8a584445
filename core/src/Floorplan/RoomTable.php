<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Input\Table;
use Kavvel\Core\Input\TableRow;

/**
 * Rooms as a table brings them: a heading, then a row a room. "room", "width" and "depth" must be there, in metres; "storey",
 * "height", "kind", "x" and "y" may. Columns stand in any order.
 */
final readonly class RoomTable
{
    private const NEEDED = ['room', 'width', 'depth'];

    private const MAY = ['storey', 'height', 'kind', 'x', 'y'];

    private const MOST_ROWS = 200;

    /**
     * @param  list<list<string|null>>  $rows  the heading first
     * @param  string  $storey  key of that which rooms without one go to
     * @return list<AddRoom>
     *
     * @throws InvalidInput that names the row
     */
    public static function read(array $rows, Plan $plan, string $storey): array
    {
        $storeys = array_map(static fn (Storey $one): string => $one->name, $plan->storeys);

        return array_map(
            static fn (TableRow $row): AddRoom => self::room($row, $row->oneOf('storey', $storeys) ?? $storey),
            Table::read($rows, self::NEEDED, self::MAY, self::MOST_ROWS),
        );
    }

    private static function room(TableRow $row, string $storey): AddRoom
    {
        $kind = $row->text('kind') === '' ? RoomKind::Room : RoomKind::tryFrom(mb_strtolower($row->text('kind')));
        [$x, $y] = [$row->number('x'), $row->number('y')];

        return new AddRoom(
            Measured::of(
                $row->text('room'),
                $row->number('width') ?? throw InvalidInput::missing($row->place('width')),
                $row->number('depth') ?? throw InvalidInput::missing($row->place('depth')),
                $row->number('height'),
                $row->at,
            ),
            $storey,
            $kind ?? throw InvalidInput::unknownWord(
                $row->place('kind'),
                $row->text('kind'),
                array_column(RoomKind::cases(), 'value'),
            ),
            $x === null || $y === null ? null : [$x, $y],
        );
    }
}
