<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use Kavvel\Core\Cli\Decibels;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CommandLineTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, mixed>  $expected
     */
    #[DataProvider('answers')]
    public function test_a_verb_answers(string $verb, array $input, array $expected): void
    {
        [$exit, $json] = CommandLine::answer($verb, (string) json_encode($input));

        self::assertSame(0, $exit, $json);
        self::assertEquals($expected, json_decode($json, true));
    }

    /** @return array<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function answers(): array
    {
        return [
            'presses' => ['presses', ['reliability' => 0.9, 'confidence' => 0.9], ['trials' => 22]],
            'presses with misses' => [
                'presses',
                ['hits' => 18, 'trials' => 20, 'target' => 0.9],
                ['low' => 0.699, 'high' => 0.9721, 'verdict' => 'more'],
            ],
            'battery' => [
                'battery',
                [
                    'capacityMah' => 220, 'chemistry' => 'lithium', 'sleepMicroAmp' => 3, 'eventsPerDay' => 50,
                    'microAmpSecondsPerEvent' => 3000,
                ],
                ['years' => 4.28, 'yearsLow' => 3.88, 'yearsHigh' => 4.78],
            ],
            'order' => ['order', ['school' => 'in-place', 'gateway' => 'hub', 'slots' => [
                [
                    'id' => 'e',
                    'protocol' => 'zigbee',
                    'role' => 'end',
                    'position' => [0, 0, 0],
                    'secure' => false,
                    'parent' => 'r',
                    'marginDb' => 9,
                ],
                [
                    'id' => 'r',
                    'protocol' => 'zigbee',
                    'role' => 'router',
                    'position' => [0, 0, 0],
                    'secure' => false,
                    'parent' => null,
                    'marginDb' => 9,
                ],
            ]], ['order' => [
                ['id' => 'r', 'why' => 'One device reaches the hub through this one'],
                ['id' => 'e', 'why' => 'Passes nothing on; its relay is in by now'],
            ]]],
            'names' => ['names', [
                'pattern' => '{room} {place} {what} {n}',
                'ecosystems' => [],
                'rooms' => ['Hall'],
                'groups' => [],
                'devices' => [['id' => 'a', 'room' => 'Hall', 'place' => 'ceiling', 'what' => 'light', 'protocol' => 'zwave']],
            ],
                [
                    'names' => [[
                        'id' => 'a',
                        'name' => 'Hall ceiling light',
                        'slug' => 'hall_ceiling_light',
                        'short' => ['matter' => 'Hall ceiling light', 'zwaveName' => 'ceiling light', 'zwaveLocation' => 'Hall'],
                    ]],
                    'conflicts' => [],
                ]],
            'mesh' => ['mesh', [
                'protocol' => 'thread',
                'root' => 'hub',
                'acceptanceDb' => 12,
                'nodes' => [['id' => 'hub', 'role' => 'root'], ['id' => '7', 'role' => 'end', 'removable' => false, 'capacity' => 10]],
                'links' => [['a' => '7', 'b' => 'hub', 'marginDb' => 9.006, 'marginBackDb' => 30]],
            ], [
                'nodes' => [[
                    'id' => '7',
                    'reachable' => true,
                    'path' => ['7', 'hub'],
                    'hops' => 1,
                    'cost' => 4,
                    'weakestDb' => 9.01,
                    'disjointPaths' => 1,
                    'acceptedPaths' => 0,
                    'possibleParents' => 0,
                    'possibleParentIds' => [],
                    'verdict' => 'thin',
                ]],
                'singlePoints' => [],
                'weakLinks' => [['a' => '7', 'b' => 'hub', 'marginDb' => 9.01]],
                'asymmetricLinks' => [['a' => '7', 'b' => 'hub', 'differenceDb' => 20.99]],
                'removableInUse' => [],
                'notes' => [],
                'oneWayRouters' => [],
            ]],
        ];
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, mixed>  $defaults
     */
    #[DataProvider('defaults')]
    public function test_what_is_left_out_is_answered_like_its_default(string $verb, array $input, array $defaults): void
    {
        self::assertSame(
            CommandLine::answer($verb, (string) json_encode(array_replace_recursive($input, $defaults))),
            CommandLine::answer($verb, (string) json_encode($input)),
        );
        self::assertSame(0, CommandLine::answer($verb, (string) json_encode($input))[0]);
    }

    /** @return array<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function defaults(): array
    {
        $slot = ['protocol' => 'zwave', 'role' => 'end', 'position' => [0, 0, 0]];

        return [
            'link' => [
                'link',
                ['frequencyMHz' => 2440, 'txDbm' => 8, 'sensitivityDbm' => -97, 'from' => [0, 0, 1], 'to' => [5, 0, 1]],
                [
                    'gainTxDbi' => -1, 'gainRxDbi' => -1, 'mountingDb' => 0, 'clutterConstantDb' => 3, 'clutterPerMetreDb' => 0.3,
                    'walls' => [], 'floors' => [], 'wifi' => [],
                ],
            ],
            'a sheet without a thickness' => [
                'link',
                [
                    'frequencyMHz' => 2440, 'txDbm' => 8, 'sensitivityDbm' => -97, 'from' => [0, 0, 1], 'to' => [5, 0, 1],
                    'walls' => [['from' => [1, -1], 'to' => [1, 1], 'bottom' => 0, 'top' => 2, 'layers' => [['material' => 'foil']]]],
                ],
                ['walls' => [['layers' => [['thickness' => 0]]]]],
            ],
            'order' => [
                'order',
                ['gateway' => 'hub', 'slots' => [['id' => 'a', ...$slot], ['id' => 'b', ...$slot]]],
                ['school' => 'in-place', 'slots' => [
                    ['secure' => false, 'parent' => null, 'marginDb' => 0], ['secure' => false, 'parent' => null, 'marginDb' => 0],
                ]],
            ],
            'mesh' => [
                'mesh',
                [
                    'protocol' => 'zigbee',
                    'root' => 'hub',
                    'nodes' => [['id' => 'hub', 'role' => 'root'], ['id' => 'r', 'role' => 'router'], ['id' => 'e', 'role' => 'end']],
                    'links' => [['a' => 'r', 'b' => 'hub', 'marginDb' => 20], ['a' => 'e', 'b' => 'r', 'marginDb' => 20]],
                ],
                ['acceptanceDb' => 12, 'nodes' => [1 => ['removable' => false], 2 => ['removable' => false]]],
            ],
            'names' => [
                'names',
                ['devices' => [['id' => 'a', 'what' => 'light']]],
                [
                    'pattern' => '{room} {place} {what} {n}', 'rooms' => [], 'groups' => [], 'ecosystems' => [],
                    'devices' => [['room' => '', 'place' => '']],
                ],
            ],
        ];
    }

    public function test_no_number_leaves_as_minus_zero(): void
    {
        self::assertSame('0.0', (string) json_encode(Decibels::rounded(-0.001), JSON_PRESERVE_ZERO_FRACTION));
        self::assertSame(-12.35, Decibels::rounded(-12.345_1));
    }

    /** @param array<string, mixed> $input */
    #[DataProvider('ends')]
    public function test_the_ends_of_a_range_are_inside(string $verb, array $input): void
    {
        self::assertSame(0, CommandLine::answer($verb, (string) json_encode($input))[0]);
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function ends(): array
    {
        $link = ['frequencyMHz' => 2440, 'txDbm' => 8, 'sensitivityDbm' => -97, 'from' => [0, 0, 1], 'to' => [5, 0, 1]];
        $wifi = ['centreMHz' => 2437, 'rssiDbm' => -50, 'busy' => 0];
        $nodes = static fn (array $hub): array => ['nodes' => [['id' => 'hub', 'role' => 'root', ...$hub]], 'links' => []];

        return [
            'no hit' => ['presses', ['hits' => 0, 'trials' => 5, 'target' => 0.9]],
            'one press' => ['presses', ['hits' => 1, 'trials' => 1, 'target' => 0.9]],
            'all hits' => ['presses', ['hits' => 5, 'trials' => 5, 'target' => 0.9]],
            'a device that never wakes' => ['battery', [
                'capacityMah' => 220, 'chemistry' => 'lithium', 'sleepMicroAmp' => 0, 'eventsPerDay' => 0, 'microAmpSecondsPerEvent' => 0,
            ]],
            'a narrow network' => ['link', [...$link, 'wifi' => [[...$wifi, 'widthMHz' => 20]]]],
            'a wide one' => ['link', [...$link, 'wifi' => [[...$wifi, 'widthMHz' => 40]]]],
            'a flat wall' => ['link', [
                ...$link, 'walls' => [['from' => [1, -1], 'to' => [1, 1], 'bottom' => 2, 'top' => 2, 'layers' => []]],
            ]],
            'no room for children' => ['mesh', ['protocol' => 'zigbee', 'root' => 'hub', ...$nodes(['capacity' => 0])]],
            'one character' => [
                'names', ['devices' => [['id' => 'a', 'what' => 'light']], 'ecosystems' => [['id' => 'v', 'maxLength' => 1]]],
            ],
        ];
    }

    #[DataProvider('refusals')]
    public function test_input_that_can_not_be_used_is_refused_with_exit_2(string $verb, string $json, string $code, string $at): void
    {
        [$exit, $answer] = CommandLine::answer($verb, $json);
        $error = json_decode($answer, true)['error'];

        self::assertSame(2, $exit);
        self::assertSame([$code, $at], [$error['code'], $error['at']]);
        self::assertNotSame('', $error['message']);
    }

    /** @return array<string, array{string, string, string, string}> */
    public static function refusals(): array
    {
        $radio = '"frequencyMHz":2440,"txDbm":8,"sensitivityDbm":-97,"from":[0,0,1],"to":[5,0,1]';
        $link = static fn (string $more): string => '{'.$radio.','.$more.'}';
        $wall = static fn (string $more): string => $link('"walls":[{"from":[1,-1],"to":[1,1],'.$more.'}]');

        return [
            'no such verb' => ['sing', '{}', 'unknown-verb', 'verb'],
            'a network of some other width' => [
                'link',
                '{"frequencyMHz":2440,"txDbm":8,"sensitivityDbm":-97,"from":[0,0,1],"to":[5,0,1],'
                    .'"wifi":[{"centreMHz":2437,"widthMHz":30,"rssiDbm":-50,"busy":0.5}]}',
                'out-of-range', '$.wifi[0].widthMHz',
            ],
            'hits of unknown presses' => ['presses', '{"hits":3,"target":0.9}', 'missing', '$.trials'],
            'presses without hits' => ['presses', '{"trials":3,"target":0.9}', 'missing', '$.hits'],
            'more hits than presses' => ['presses', '{"hits":4,"trials":3,"target":0.9}', 'out-of-range', '$.hits'],
            'no press at all' => ['presses', '{"hits":0,"trials":0,"target":0.9}', 'out-of-range', '$.trials'],
            'no verb' => ['', '{}', 'unknown-verb', 'verb'],
            'no JSON' => ['mesh', 'nonsense', 'bad-json', '$'],
            'nothing' => ['mesh', '', 'bad-json', '$'],
            'a list' => ['mesh', '[1]', 'bad-type', '$'],
            'a missing value' => ['link', '{}', 'missing', '$.frequencyMHz'],
            'an unknown material' => [
                'link', $wall('"bottom":0,"top":2,"layers":[{"material":"cheese","thickness":1}]'), 'unknown-material',
                '$.walls[0].layers[0].material',
            ],
            'a wall upside down' => ['link', $wall('"bottom":3,"top":2,"layers":[]'), 'out-of-range', '$.walls[0].top'],
            'a network of no known width' => [
                'link', $link('"wifi":[{"centreMHz":2437,"widthMHz":80,"rssiDbm":-50,"busy":0.5}]'), 'out-of-range', '$.wifi[0].widthMHz',
            ],
            'a place with two numbers' => [
                'link', '{"frequencyMHz":2440,"txDbm":8,"sensitivityDbm":-97,"from":[0,0],"to":[5,0,1]}', 'bad-type', '$.from',
            ],
            'a text for a number' => ['battery', '{"capacityMah":"much"}', 'bad-type', '$.capacityMah'],
            'an empty battery' => ['battery', '{"capacityMah":0}', 'out-of-range', '$.capacityMah'],
            'a chemistry that is none' => ['battery', '{"capacityMah":1,"chemistry":"lemon"}', 'unknown-value', '$.chemistry'],
            'certainty' => ['presses', '{"reliability":1,"confidence":0.9}', 'out-of-range', '$.reliability'],
            'no confidence' => ['presses', '{"reliability":0.9,"confidence":0}', 'out-of-range', '$.confidence'],
            'more hits than trials' => ['presses', '{"hits":9,"trials":8,"target":0.9}', 'out-of-range', '$.hits'],
            'no trials' => ['presses', '{"hits":0,"trials":0,"target":0.9}', 'out-of-range', '$.trials'],
            'half a trial' => ['presses', '{"hits":0,"trials":1.5,"target":0.9}', 'bad-type', '$.trials'],
            'an unknown protocol' => ['mesh', '{"protocol":"smoke","root":"hub","nodes":[],"links":[]}', 'unknown-value', '$.protocol'],
            'a device twice' => [
                'names', '{"devices":[{"id":"a","what":"x"},{"id":"a","what":"y"}]}', 'duplicate-id', '$.devices[1].id',
            ],
            'a number beyond all measure' => ['battery', '{"capacityMah":1e999}', 'out-of-range', '$.capacityMah'],
            'a distance beyond all measure' => [
                'link', '{"frequencyMHz":2440,"txDbm":8,"sensitivityDbm":-97,"from":[0,0,1e200],"to":[5,0,1]}', 'out-of-range',
                '$.from[2]',
            ],
            'a number for an id' => ['order', '{"gateway":"hub","slots":[{"id":7}]}', 'bad-type', '$.slots[0].id'],
        ];
    }

    public function test_the_bench_times_every_mesh(): void
    {
        exec(escapeshellarg(PHP_BINARY).' '.escapeshellarg(__DIR__.'/../../bin/bench').' 20 40 2>&1', $lines, $exit);

        self::assertSame(0, $exit, implode("\n", $lines));
        self::assertCount(1 + 2 * count(Protocol::meshes()), $lines);
    }

    public function test_the_program_runs_from_a_bare_checkout(): void
    {
        $process = proc_open(
            [PHP_BINARY, '-n', __DIR__.'/../../bin/core', 'presses'],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            sys_get_temp_dir(),
        );
        self::assertIsResource($process);
        fwrite($pipes[0], '{"reliability":0.9,"confidence":0.9}');
        fclose($pipes[0]);
        $out = stream_get_contents($pipes[1]);
        $errors = stream_get_contents($pipes[2]);

        self::assertSame(0, proc_close($process));
        self::assertSame("{\"trials\":22}\n", $out);
        self::assertSame('', $errors);
    }

    public function test_errors_leave_by_exit_code_2_and_standard_output(): void
    {
        $process = proc_open([PHP_BINARY, __DIR__.'/../../bin/core', 'link'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);

        self::assertSame(2, proc_close($process));
        self::assertSame('bad-json', json_decode($out, true)['error']['code']);
    }
}
