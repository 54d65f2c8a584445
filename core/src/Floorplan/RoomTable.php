<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Input\InvalidInput;

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
        $rows = array_filter($rows, static fn (array $row): bool => trim(implode('', $row)) !== '');
        $heading = self::heading((array) array_shift($rows));
        if (count($rows) > self::MOST_ROWS) {
            throw InvalidInput::tooLarge('rows', 'a table of at most '.self::MOST_ROWS.' rooms');
        }
        $rooms = [];
        foreach (array_values($rows) as $number => $row) {
            $at = 'row '.($number + 2);
            $cell = static fn (string $name): string => isset($heading[$name]) ? trim($row[$heading[$name]] ?? '') : '';
            $kind = $cell('kind') === '' ? RoomKind::Room : RoomKind::tryFrom(mb_strtolower($cell('kind')));
            $x = self::number($cell('x'), "{$at}, x");
            $y = self::number($cell('y'), "{$at}, y");
            $rooms[] = new AddRoom(
                Measured::of(
                    $cell('room'),
                    self::number($cell('width'), "{$at}, width") ?? throw InvalidInput::missing("{$at}, width"),
                    self::number($cell('depth'), "{$at}, depth") ?? throw InvalidInput::missing("{$at}, depth"),
                    self::number($cell('height'), "{$at}, height"),
                    $at,
                ),
                self::storey($cell('storey'), $plan, $storey, $at),
                $kind ?? throw InvalidInput::unknownWord("{$at}, kind", $cell('kind'), array_column(RoomKind::cases(), 'value')),
                $x === null || $y === null ? null : [$x, $y],
            );
        }

        return $rooms === [] ? throw InvalidInput::missing('row 2') : $rooms;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array<string, int> where each column stands
     */
    private static function heading(array $row): array
    {
        $columns = [];
        foreach (array_values($row) as $at => $name) {
            $name = mb_strtolower(trim((string) $name, " \t\n\r\0\x0B\u{feff}"));
            if (in_array($name, [...self::NEEDED, ...self::MAY], true)) {
                $columns[$name] = $at;
            }
        }
        foreach (self::NEEDED as $name) {
            if (! isset($columns[$name])) {
                throw InvalidInput::missing(
                    'row 1: the columns are “'.implode('”, “', self::NEEDED).'”, and may be “'.implode('”, “', self::MAY).'”; “'.$name.'”',
                );
            }
        }

        return $columns;
    }

    private static function number(string $text, string $at): ?float
    {
        if ($text === '') {
            return null;
        }

        return preg_match('/^-?\d+(?:[.,]\d+)?$/', $text) === 1
            ? (float) str_replace(',', '.', $text)
            : throw InvalidInput::wrongType($at, 'a number of metres');
    }

    private static function storey(string $name, Plan $plan, string $otherwise, string $at): string
    {
        if ($name === '') {
            return $otherwise;
        }
        foreach ($plan->storeys as $storey) {
            if (in_array(mb_strtolower($name), [mb_strtolower($storey->name), mb_strtolower($storey->key)], true)) {
                return $storey->key;
            }
        }
        throw InvalidInput::unknownId($name, "{$at}, storey");
    }
}
