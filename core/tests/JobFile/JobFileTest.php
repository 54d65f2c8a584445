<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\JobFile;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JobFileTest extends TestCase
{
    #[DataProvider('demoFiles')]
    public function test_every_demo_file_is_read_whole(string $name): void
    {
        $file = JobFile::parse(self::read($name));

        self::assertNotEmpty($file->slots);
        self::assertNotEmpty($file->building->walls);
        self::assertArrayHasKey('hub', $file->gateways);
    }

    /** @return list<array{string}> */
    public static function demoFiles(): array
    {
        return [['lantern-house'], ['calico-court'], ['hollin-barn']];
    }

    public function test_lantern_house_has_the_house_that_the_demo_promises(): void
    {
        $file = JobFile::parse(self::read('lantern-house'));
        $protocols = array_unique(array_map(static fn ($slot): string => $slot->profile->protocol->value, $file->slots));

        self::assertCount(66, $file->slots);
        self::assertCount(9, $protocols, 'slots over all protocols');
        self::assertGreaterThanOrEqual(14, count($file->data['rooms']));
        self::assertContains(
            'granite',
            array_merge(...array_map(
                static fn ($wall): array => array_map(static fn ($layer): string => $layer->material, $wall->layers),
                $file->building->walls,
            )),
        );
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $break */
    #[DataProvider('breaks')]
    public function test_a_broken_file_says_what_and_where(callable $break, string $reason, string $at): void
    {
        $data = json_decode(self::read('hollin-barn'), true);
        try {
            JobFile::parse((string) json_encode($break($data)));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    /** @return array<string, array{callable, string, string}> */
    public static function breaks(): array
    {
        $set = static fn (string $path, mixed $value) => static function (array $data) use ($path, $value): array {
            $at = &$data;
            foreach (explode('.', $path) as $key) {
                $at = &$at[$key];
            }
            $at = $value;

            return $data;
        };
        $there = static fn (array $own) => $set('existing', [[
            'key' => 'lamp', 'room' => 'great', 'what' => 'lamp', 'protocol' => 'zigbee', 'holder' => 'hub', 'fate' => 'move', ...$own,
        ]]);
        $both = static fn (callable $one, callable $other) => static fn (array $data): array => $other($one($data));
        $drop = static fn (string $key) => static fn (array $data): array => array_diff_key($data, [$key => true]);

        return [
            'another format' => [$set('format', 'something'), 'unknown-value', '$.format'],
            'a later version' => [$set('version', 8), 'out-of-range', '$.version'],
            'no slots' => [$drop('slots'), 'missing', '$.slots'],
            'no walls' => [$drop('walls'), 'missing', '$.walls'],
            'a date that is none' => [$set('asOf', '20 November'), 'out-of-range', '$.asOf'],
            'an unknown stage' => [$set('job.stage', 'dreaming'), 'unknown-value', '$.job.stage'],
            'a pattern without the device' => [$set('job.namePattern', '{room}'), 'out-of-range', '$.job.namePattern'],
            'a room on no storey' => [$set('rooms.1.storey', 'attic'), 'unknown-id', '$.rooms[1].storey'],
            'a room without area' => [$set('rooms.0.outline', [[0, 0], [1, 0], [2, 0]]), 'out-of-range', '$.rooms[0].outline'],
            'a room key twice' => [$set('rooms.1.key', 'great'), 'duplicate-id', '$.rooms[1].key'],
            'a wall of cheese' => [$set('walls.0.layers.0.material', 'cheese'), 'unknown-material', '$.walls[0].layers[0].material'],
            'a door wider than its wall' => [$set('walls.2.openings.0.width', 99), 'out-of-range', '$.walls[2].openings[0]'],
            'a wall without height' => [$set('walls.0.height', 0), 'out-of-range', '$.walls[0].height'],
            'a want in no room' => [
                $set('wants', [['room' => 'cellar', 'function' => 'leak', 'by' => 'everyone', 'from' => 'hub']]),
                'unknown-id', '$.wants[0].room',
            ],
            'a want for nothing' => [
                $set('wants', [['room' => 'great', 'function' => 'fly', 'by' => 'everyone', 'from' => 'hub']]),
                'unknown-value', '$.wants[0].function',
            ],
            'a want twice' => [
                $set('wants', array_fill(0, 2, ['room' => 'great', 'function' => 'leak', 'by' => 'everyone', 'from' => 'hub'])),
                'duplicate-id', '$.wants[1]',
            ],
            'a plug of which nobody knows whether it stays on' => [
                $set('slots.0.load', ['what' => 'saw', 'heats' => false]), 'missing', '$.slots[0].load.staysOn',
            ],
            'a device that is there in no room' => [$there(['room' => 'cellar']), 'unknown-id', '$.existing[0].room'],
            'one in something that is none' => [$there(['holder' => 'wizard']), 'unknown-value', '$.existing[0].holder'],
            'one with a fate that is none' => [$there(['fate' => 'burn']), 'unknown-value', '$.existing[0].fate'],
            'one of no protocol' => [$there(['protocol' => 'smoke']), 'unknown-value', '$.existing[0].protocol'],
            'one of no profile' => [$there(['profile' => 'none']), 'unknown-id', '$.existing[0].profile'],
            'one of no slot' => [$there(['slot' => 'none']), 'unknown-id', '$.existing[0].slot'],
            'a door of ten metres' => [
                $set('measures', [['opening' => 'w1@1.00', 'door' => ['thicknessMm' => 10_000]]]),
                'out-of-range', '$.measures[0].door.thicknessMm',
            ],
            'a window that looks nowhere' => [
                $set('measures', [['opening' => 'w1@1.00', 'window' => ['bearing' => 361]]]),
                'out-of-range', '$.measures[0].window.bearing',
            ],
            'an opening measured twice' => [
                $set('measures', array_fill(0, 2, ['opening' => 'w1@1.00'])), 'duplicate-id', '$.measures[1].opening',
            ],
            'a question before no closing' => [
                $set('questions', [[
                    'key' => 'q', 'text' => 'x', 'owner' => 'x', 'otherwise' => 'x', 'dueOn' => '2026-11-20', 'closing' => 'roof',
                ]]),
                'unknown-id', '$.questions[0].closing',
            ],
            'a drop by no code' => [$set('job.dropCode', 'luck'), 'unknown-value', '$.job.dropCode'],
            'a slot in no room' => [$set('slots.0.room', 'cellar'), 'unknown-id', '$.slots[0].room'],
            'a slot without profile' => [$set('slots.2.profile', 'none'), 'unknown-id', '$.slots[2].profile'],
            'a slot at no place' => [$set('slots.0.position', [1, 2]), 'bad-type', '$.slots[0].position'],
            'a mounting that is none' => [$set('slots.0.mounting', 'glued'), 'unknown-value', '$.slots[0].mounting'],
            'a slot behind nobody' => [$set('slots.1.behind', 'nobody'), 'out-of-range', '$.slots[1].behind'],
            'a slot behind one that is no bridge' => [$set('slots.1.behind', 'great-dimmer'), 'out-of-range', '$.slots[1].behind'],
            'another radio behind a bridge' => [
                $both($set('profiles.0.capabilities', ['bridge']), $set('slots.1.behind', 'great-dimmer')),
                'out-of-range', '$.slots[1].profile',
            ],
            'a bridge behind itself' => [
                $both($set('profiles.0.capabilities', ['bridge']), $set('slots.0.behind', 'great-dimmer')),
                'out-of-range', '$.slots[0].behind',
            ],
            'a slot for a hub that is not there' => [$set('slots.1.hub', 'nobody'), 'unknown-id', '$.slots[1].hub'],
            'a node that answers perhaps' => [$set('nodes.0.reachable', 'perhaps'), 'bad-type', '$.nodes[0].reachable'],
            'two slots with one node' => [$set('slots.1.node', '02A7C30000000901'), 'duplicate-id', '$.slots[1].node'],
            'a node of no gateway' => [$set('nodes.0.gateway', 'other'), 'unknown-id', '$.nodes[0].gateway'],
            'a Zigbee channel that is none' => [
                $set('gateways.0.networks.0', ['protocol' => 'zigbee', 'channel' => 27, 'linked' => false]),
                'out-of-range',
                '$.gateways[0].networks[0].channel',
            ],
            'a profile for a region that is none' => [$set('profiles.0.region', 'MOON'), 'unknown-value', '$.profiles[0].region'],
            'reports without a pause' => [
                $set('profiles.0.reports', ['everySeconds' => 0]), 'out-of-range', '$.profiles[0].reports.everySeconds',
            ],
            'an address twice' => [$set('nodes.1.address', '02A7C30000000901'), 'duplicate-id', '$.nodes[1].address'],
            'a proof of nothing' => [$set('proofs.0.slot', 'ghost'), 'unknown-id', '$.proofs[0].slot'],
            'a proof of an unknown node' => [$set('proofs.0.node', 'FFFF'), 'unknown-id', '$.proofs[0].node'],
            'a snag at an unknown slot' => [
                $set('snags.0', [
                    'key' => 's', 'text' => 'It hums.', 'state' => 'open', 'raisedBy' => 'Mara', 'raisedAt' => '2026-11-20T09:00:00Z',
                    'slot' => 'moon',
                ]),
                'unknown-id', '$.snags[0].slot',
            ],
            'a rung that is none' => [$set('proofs.0.rung', 'roof'), 'unknown-value', '$.proofs[0].rung'],
            'a time that is none' => [$set('proofs.0.at', 'noon'), 'out-of-range', '$.proofs[0].at'],
            'a channel that is none' => [$set('gateways.0.networks.0.channel', 99), 'out-of-range', '$.gateways[0].networks[0].channel'],
            'no storeys' => [$set('storeys', []), 'out-of-range', '$.storeys'],
            'a key that leads elsewhere' => [$set('slots.0.key', '../secrets'), 'out-of-range', '$.slots[0].key'],
            'a key of a page' => [$set('rooms.0.key', 'a/b'), 'out-of-range', '$.rooms[0].key'],
            'keys that differ in case' => [$set('rooms.1.key', 'GREAT'), 'duplicate-id', '$.rooms[1].key'],
            'addresses that differ in case' => [$set('nodes.1.address', '02a7c30000000901'), 'duplicate-id', '$.nodes[1].address'],
            'an endless name' => [$set('job.name', str_repeat('n', 256)), 'out-of-range', '$.job.name'],
            'a name with an end of line' => [$set('job.name', "Hollin\nBarn"), 'out-of-range', '$.job.name'],
            'a name with nothing in it that can be seen' => [$set('slots.0.what', "lamp\u{202e}"), 'out-of-range', '$.slots[0].what'],
            'a day that there is not' => [$set('asOf', '2026-02-30'), 'out-of-range', '$.asOf'],
            'a day long ago' => [$set('asOf', '1026-02-03'), 'out-of-range', '$.asOf'],
            'a time in another zone' => [$set('proofs.0.at', '2026-11-20T09:00:00+02:00'), 'out-of-range', '$.proofs[0].at'],
            'a log without kind' => [
                $set('log.0', ['at' => '2026-11-20T09:00:00Z', 'by' => 'Mara', 'text' => 'x']), 'missing', '$.log[0].kind',
            ],
            'a visit beyond counting' => [$set('job.visit.number', 256), 'out-of-range', '$.job.visit.number'],
            'a place on another continent' => [$set('slots.0.position', [1e6, 0, 0]), 'out-of-range', '$.slots[0].position[0]'],
            'too many slots' => [$set('slots', array_fill(0, 1001, [])), 'out-of-range', '$.slots'],
            'one radio twice' => [
                $set('gateways.0.networks', array_fill(0, 2, ['protocol' => 'zigbee', 'channel' => null, 'linked' => false])),
                'duplicate-id', '$.gateways[0].networks[1].protocol',
            ],
            'a profile like a book' => [$set('profiles.0.extra', str_repeat('x', 20_000)), 'out-of-range', '$.profiles[0]'],
            'a number as text' => [$set('job.acceptanceDb', '12'), 'bad-type', '$.job.acceptanceDb'],
        ];
    }

    /** Whatever stands at whatever place: it is taken, or refused with its path. */
    public function test_nothing_that_can_stand_in_a_file_breaks_the_reader(): void
    {
        $data = json_decode(self::read('hollin-barn'), true);
        $values = [
            null, [], ['a' => 1], [[]], [[1]], 'text', '', "\0", str_repeat('ä', 2_000), '2026-99-99', -1, 0, 1e300, 70_000, 0.5, true,
            "a\u{202e}b",
        ];
        $refused = 0;
        foreach (self::paths($data) as $number => $path) {
            foreach ([1, 2, 6] as $version) {
                $broken = [...$data, 'version' => $version];
                $at = &$broken;
                foreach ($path as $key) {
                    $at = &$at[$key];
                }
                $at = $values[($number * 7 + $version) % count($values)];
                unset($at);
                try {
                    JobFile::parse((string) json_encode($broken));
                } catch (InvalidInput $why) {
                    self::assertStringStartsWith('$', $why->at);
                    $refused++;
                }
            }
        }

        self::assertGreaterThan(300, $refused);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<int|string>  $to
     * @return list<list<int|string>> the way to everything in it
     */
    private static function paths(array $data, array $to = []): array
    {
        $paths = [];
        foreach ($data as $key => $value) {
            $paths[] = [...$to, $key];
            if (is_array($value)) {
                $paths = [...$paths, ...self::paths($value, [...$to, $key])];
            }
        }

        return $paths;
    }

    public function test_a_file_of_the_first_version_is_lifted(): void
    {
        $second = json_decode(self::read('lantern-house'), true);
        $first = ['version' => 1, 'surveys' => $second['meshReadings'] ?? []] + $second;
        unset($first['meshReadings']);
        $attempt = array_diff_key($second['attempts'][0], ['light' => true]);
        $first['questions'] = array_map(static fn (array $one): array => array_diff_key($one, ['closing' => true]), $second['questions']);
        $first['attempts'] = [['sawLight' => true] + $attempt, ['sawLight' => false] + $attempt, $attempt];
        $first['proofs'] = array_map(
            static fn (array $proof): array => array_diff_key($proof, ['node' => true, 'withdrawn' => true]),
            $second['proofs'],
        );
        $data = JobFile::parse((string) json_encode($first))->data;

        self::assertSame(7, $data['version']);
        self::assertSame([[], []], [$data['existing'], $data['isolations']]);
        self::assertSame([], $data['heardNetworks']);
        self::assertSame(['seen', null, null], array_column($data['attempts'], 'light'));
        self::assertArrayNotHasKey('sawLight', $data['attempts'][0]);
        self::assertSame($second['meshReadings'] ?? [], $data['meshReadings']);
        self::assertSame(array_column($second['proofs'], 'node'), array_column($data['proofs'], 'node'));
    }

    public function test_a_triangle_is_a_room_and_a_line_is_none(): void
    {
        $data = json_decode(self::read('lantern-house'), true);
        $data['rooms'][0]['outline'] = [[0, 0], [0.2, 0], [0, 0.1]];
        self::assertNotEmpty(JobFile::parse((string) json_encode($data))->slots);

        $data['rooms'][0]['outline'] = [[0, 0], [0.1, 0], [0, 0.1]];
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('three corners');
        JobFile::parse((string) json_encode($data));
    }

    public function test_a_wall_stands_on_the_floor_of_its_storey(): void
    {
        $data = json_decode(self::read('lantern-house'), true);
        $storeys = array_column($data['storeys'], 'elevation', 'key');
        $highest = max(-INF, ...array_map(static fn (array $wall): float => $storeys[$wall['storey']] + $wall['height'], $data['walls']));
        $lowest = min(INF, ...array_map(static fn (array $wall): float => $storeys[$wall['storey']], $data['walls']));
        $walls = JobFile::parse(self::read('lantern-house'))->building->walls;

        self::assertEqualsWithDelta($highest, max(-INF, ...array_map(static fn ($wall): float => $wall->top, $walls)), 1e-9);
        self::assertEqualsWithDelta($lowest, min(INF, ...array_map(static fn ($wall): float => $wall->bottom, $walls)), 1e-9);
    }

    public function test_what_is_no_json_is_said_so(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('not JSON');

        JobFile::parse('{"format": ');
    }

    private static function read(string $name): string
    {
        return (string) file_get_contents(__DIR__."/../../../database/demo/{$name}.json");
    }
}
