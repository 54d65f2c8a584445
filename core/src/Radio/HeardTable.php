<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Input\Table;
use Kavvel\Core\Input\TableRow;

/**
 * Wi-Fi networks as a table brings them: a heading, then a row a network. "name", "channel" and "rssi" (dBm) must be there;
 * "busy" (percent of time on air), "width" (20 or 40 MHz), "side" (above or below) and "room" may.
 *
 * @phpstan-type HeardRow array{name: string, channel: int, width: int, secondary: string|null, rssi: float, busy: float, room: string|null}
 */
final readonly class HeardTable
{
    /** What is taken where nobody knows how busy a network is (assumption) */
    public const BUSY_UNKNOWN = 0.5;

    private const NEEDED = ['name', 'channel', 'rssi'];

    private const MAY = ['busy', 'width', 'side', 'room'];

    private const MOST_ROWS = 500;

    /**
     * @param  list<list<string|null>>  $rows  the heading first
     * @param  array<array-key, string>  $rooms  names of those that a network may be heard in, by key
     * @return list<HeardRow>
     *
     * @throws InvalidInput that names the row
     */
    public static function read(array $rows, array $rooms): array
    {
        return array_map(
            static fn (TableRow $row): array => self::row($row, $row->oneOf('room', $rooms)),
            Table::read($rows, self::NEEDED, self::MAY, self::MOST_ROWS),
        );
    }

    /** @return HeardRow */
    private static function row(TableRow $row, ?string $room): array
    {
        $side = mb_strtolower($row->text('side'));
        if (! in_array($side, ['', 'above', 'below'], true)) {
            throw InvalidInput::unknownWord($row->place('side'), $side, ['above', 'below']);
        }
        $channel = $row->numberBetween('channel', 1, 14);
        if ($channel !== floor($channel)) {
            throw InvalidInput::outOfRange($row->place('channel'), 'a whole number from 1 to 14');
        }
        $width = $row->number('width', 'MHz') ?? 20.0;
        if (! in_array($width, [20.0, 40.0], true)) {
            throw InvalidInput::outOfRange($row->place('width'), '20 or 40');
        }

        return [
            'name' => mb_substr($row->needed('name'), 0, 80),
            'channel' => (int) $channel,
            'width' => (int) $width,
            'secondary' => $side === '' ? null : $side,
            'rssi' => $row->numberBetween('rssi', -110, 0, 'dBm'),
            'busy' => $row->text('busy') === '' ? self::BUSY_UNKNOWN : $row->numberBetween('busy', 1, 100, '%') / 100,
            'room' => $room,
        ];
    }
}
