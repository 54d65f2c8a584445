<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\HeardTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeardTableTest extends TestCase
{
    public function test_networks_come_in_from_a_table(): void
    {
        $rows = HeardTable::read([
            [
                'RSSI',
                'Name',
                'Channel',
                'Busy',
                'Width',
                'Side',
                'Room',
            ], ['−61', 'Plume', '6', '35 %', '40', 'Above', 'hall'], ['', '', ''],
            ['-70,5 dBm', 'Heron', '1', '', '', '', 'HALL-2'],
            ['-80', 'Gull', '1'],
        ], ['hall' => 'Hall', 'hall-2' => 'Upper hall']);

        self::assertSame([
            ['name' => 'Plume', 'channel' => 6, 'width' => 40, 'secondary' => 'above', 'rssi' => -61.0, 'busy' => 0.35, 'room' => 'hall'],
            ['name' => 'Heron', 'channel' => 1, 'width' => 20, 'secondary' => null, 'rssi' => -70.5, 'busy' => 0.5, 'room' => 'hall-2'],
            ['name' => 'Gull', 'channel' => 1, 'width' => 20, 'secondary' => null, 'rssi' => -80.0, 'busy' => 0.5, 'room' => null],
        ], $rows);
    }

    /** @param list<list<string>> $rows */
    #[DataProvider('broken')]
    public function test_a_broken_table_names_the_row(string $at, array $rows): void
    {
        try {
            HeardTable::read($rows, ['hall' => 'Hall']);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($at, substr($refused->at, 0, strlen($at)));
        }
    }

    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function broken(): iterable
    {
        $heading = ['name', 'channel', 'rssi', 'busy', 'width', 'side'];

        return [
            'nothing' => ['row 1', []], 'no heading' => ['row 1', [['Plume', '6', '-60']]], 'no rows' => ['row 2', [$heading]],
            'no name' => ['row 2, name', [$heading, ['', '6', '-60']]], 'no such channel' => [
                'row 2, channel',
                [$heading, ['Plume', '15', '-60']],
            ],
            'no level' => ['row 3, rssi', [$heading, ['Plume', '6', '-60'], ['Heron', '6', 'loud']]],
            'louder than can be' => ['row 2, rssi', [$heading, ['Plume', '6', '1']]], 'never busy' => [
                'row 2, busy',
                [$heading, ['Plume', '6', '-60', '0']],
            ],
            'no such width' => ['row 2, width', [$heading, ['Plume', '6', '-60', '', '30']]],
            'no such side' => ['row 2, side', [$heading, ['Plume', '6', '-60', '', '40', 'left']]],
            'no such room' => ['row 2, room', [['name', 'channel', 'rssi', 'room'], ['Plume', '6', '-60', 'attic']]],
            'half a channel' => ['row 2, channel', [$heading, ['Plume', '6.5', '-60']]],
            'too many' => ['rows', [$heading, ...array_fill(0, 501, ['Plume', '6', '-60'])]],
        ];
    }
}
