<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Input\Table;

/** The group addresses of a bus project, as a table: one a row. */
final readonly class BusTable
{
    private const NEEDED = ['address', 'name'];

    private const MAY = ['type', 'function'];

    private const MOST_ROWS = 4_000;

    private const LONGEST_NAME = 120;

    /**
     * @param  list<list<string|null>>  $lines  the heading first
     * @return non-empty-list<GroupEntry>
     *
     * @throws InvalidInput that names the row
     */
    public static function read(array $lines): array
    {
        $entries = [];
        foreach (Table::read($lines, self::NEEDED, self::MAY, self::MOST_ROWS) as $row) {
            $address = GroupAddress::of($row->needed('address'))
                ?? throw InvalidInput::outOfRange($row->place('address'), 'an address such as 1/2/3, 1/515 or 2563');
            $name = $row->needed('name');
            if (mb_strlen($name) > self::LONGEST_NAME) {
                throw InvalidInput::outOfRange($row->place('name'), 'text of at most '.self::LONGEST_NAME.' characters');
            }
            if (isset($entries[$address->number])) {
                throw InvalidInput::duplicateId($address->text, $row->place('address'));
            }
            $said = $row->text('function');
            $found = BusFunction::of($said === '' ? $name : "{$name} {$said}");
            $entries[$address->number] = new GroupEntry($address, $name, $found[1] ?? $name, $found[0] ?? null);
        }
        ksort($entries);

        return array_values($entries);
    }
}
