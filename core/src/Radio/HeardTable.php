<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Input\InvalidInput;

/**
 * Wi-Fi networks as a table brings them: a heading, then a row a network. "name", "channel" and "rssi" (dBm) must be there;
 * "busy" (percent of time on air), "width" (20 or 40 MHz), "side" (above or below) and "room" may.
 *
 * @phpstan-type HeardRow array{name: string, channel: int, width: int, secondary: string|null, rssi: float, busy: float, room: string}
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
     * @return list<HeardRow>
     *
     * @throws InvalidInput that names the row
     */
    public static function read(array $rows): array
    {
        $rows = array_values(array_filter($rows, static fn (array $row): bool => trim(implode('', $row)) !== ''));
        $heading = self::heading($rows[0] ?? []);
        if (count($rows) > self::MOST_ROWS + 1) {
            throw InvalidInput::tooLarge('rows', 'a table of at most '.self::MOST_ROWS.' networks');
        }
        $heard = [];
        foreach (array_slice($rows, 1) as $number => $row) {
            $heard[] = self::row(
                static fn (string $name): string => isset($heading[$name]) ? trim($row[$heading[$name]] ?? '') : '',
                'row '.($number + 2),
            );
        }

        return $heard === [] ? throw InvalidInput::missing('row 2') : $heard;
    }

    /**
     * @param  callable(string): string  $cell
     * @return HeardRow
     */
    private static function row(callable $cell, string $at): array
    {
        $channel = self::number($cell('channel'), "{$at}, channel", 1, 14);
        $side = mb_strtolower($cell('side'));
        if (! in_array($side, ['', 'above', 'below'], true)) {
            throw InvalidInput::unknownWord("{$at}, side", $side, ['above', 'below']);
        }
        $width = $cell('width') === '' ? 20.0 : self::number($cell('width'), "{$at}, width", 20, 40);
        if (! in_array($width, [20.0, 40.0], true)) {
            throw InvalidInput::outOfRange("{$at}, width", '20 or 40');
        }
        $busy = $cell('busy') === '' ? self::BUSY_UNKNOWN * 100 : self::number(rtrim($cell('busy'), ' %'), "{$at}, busy", 1, 100);

        return [
            'name' => $cell('name') === '' ? throw InvalidInput::missing("{$at}, name") : mb_substr($cell('name'), 0, 80),
            'channel' => (int) $channel,
            'width' => (int) $width,
            'secondary' => $side === '' ? null : $side,
            'rssi' => self::number($cell('rssi'), "{$at}, rssi", -110, 0),
            'busy' => $busy / 100,
            'room' => $cell('room'),
        ];
    }

    /**
     * @param  list<string|null>  $row
     * @return array<string, int> where each column stands
     */
    private static function heading(array $row): array
    {
        $columns = [];
        foreach ($row as $at => $name) {
            $name = mb_strtolower(trim((string) $name, " \t\n\r\0\x0B\u{feff}"));
            if (in_array($name, [...self::NEEDED, ...self::MAY], true)) {
                $columns[$name] = $at;
            }
        }
        foreach (self::NEEDED as $name) {
            if (! isset($columns[$name])) {
                throw InvalidInput::missing("row 1: the column “{$name}”");
            }
        }

        return $columns;
    }

    private static function number(string $text, string $at, float $least, float $most): float
    {
        $number = str_replace([',', '−'], ['.', '-'], $text);
        if (! is_numeric($number) || (float) $number < $least || (float) $number > $most) {
            throw InvalidInput::outOfRange($at, "a number from {$least} to {$most}");
        }

        return (float) $number;
    }
}
