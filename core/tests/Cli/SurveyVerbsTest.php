<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SurveyVerbsTest extends TestCase
{
    private const RADIO = ['frequencyMHz' => 2440, 'txDbm' => 8, 'sensitivityDbm' => -97];

    private const AREA = ['x' => [0, 2], 'y' => [0, 1], 'z' => 1, 'step' => 1];

    private const SUN = ['latitude' => 57.1, 'longitude' => -3.4, 'date' => '2026-06-21', 'offsetMinutes' => 60];

    private const RELAYS = [
        'protocol' => 'zigbee', 'root' => 'hub', 'acceptanceDb' => 12,
        'nodes' => [['id' => 'hub', 'role' => 'root'], ['id' => 'lamp', 'role' => 'end'], ['id' => 'shed', 'role' => 'end']],
        'links' => [['a' => 'hub', 'b' => 'lamp', 'marginDb' => 8]],
        'candidates' => ['p2', 'p1'],
        'candidateLinks' => [
            ['a' => 'hub', 'b' => 'p1', 'marginDb' => 20], ['a' => 'p1', 'b' => 'lamp', 'marginDb' => 14],
            ['a' => 'hub', 'b' => 'p2', 'marginDb' => 20], ['a' => 'p2', 'b' => 'lamp', 'marginDb' => 14],
        ],
    ];

    private const POINT = ['id' => 'p', 'position' => [1, 1, 1], 'cable' => 'cat6', 'count' => 1, 'route' => null, 'data' => true];

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, mixed>  $expected
     */
    #[DataProvider('answers')]
    public function test_a_verb_answers(string $verb, array $input, array $expected): void
    {
        [$exit, $json] = CommandLine::answer($verb, (string) json_encode($input));

        self::assertSame(0, $exit, $json);
        self::assertSame($expected, json_decode($json, true));
    }

    /** @return array<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function answers(): array
    {
        $slot = static fn (string $id, float $x): array => [
            'id' => $id,
            'role' => 'router',
            'removable' => false,
            'position' => [$x, 0, 1],
        ];

        return [
            'forecast' => [
                'forecast',
                [...self::RADIO, 'from' => [0.5, 0.5, 1], 'area' => self::AREA],
                ['columns' => 2, 'rows' => 1, 'margins' => [[65.8, 59.5]]],
            ],
            'channels' => [
                'channels',
                [
                    'wifi' => [['channel' => 1, 'widthMHz' => 20, 'secondary' => null, 'rssiDbm' => -52, 'busy' => 0.35]],
                    'candidates' => [11, 15, 26],
                    'keepApartFrom' => [15],
                ],
                ['ranking' => [
                    ['channel' => 11, 'interferenceDbm' => -66.56, 'excluded' => null],
                    ['channel' => 26, 'interferenceDbm' => -99.13, 'excluded' => null],
                    ['channel' => 15, 'interferenceDbm' => -88.05, 'excluded' => 'too near channel 15'],
                ]],
            ],
            'place' => [
                'place',
                [
                    ...self::RADIO, 'protocol' => 'zigbee', 'acceptanceDb' => 12, 'slots' => [$slot('a', 0), $slot('b', 4)],
                    'places' => [['id' => 'far', 'position' => [9000, 0, 1]], ['id' => 'near', 'position' => [2, 0, 1]]],
                ],
                ['ranking' => [
                    ['id' => 'near', 'open' => 0, 'lost' => 0, 'meanWeakestDb' => 53.18],
                    ['id' => 'far', 'open' => 2, 'lost' => 2, 'meanWeakestDb' => null],
                ]],
            ],
            'cables' => [
                'cables',
                [
                    'rack' => [0, 0, 0],
                    'points' => [self::POINT, [...self::POINT, 'id' => 'k', 'cable' => '2x1.5', 'count' => 2]],
                    'drums' => [305, 100],
                ],
                [
                    'runs' => [
                        ['id' => 'k/1', 'cable' => '2x1.5', 'lengthM' => 7.3],
                        ['id' => 'k/2', 'cable' => '2x1.5', 'lengthM' => 7.3],
                        ['id' => 'p', 'cable' => 'cat6', 'lengthM' => 7.3],
                    ],
                    'drums' => [
                        ['cable' => '2x1.5', 'size' => 100, 'runs' => ['k/1', 'k/2'], 'leftM' => 85.4],
                        ['cable' => 'cat6', 'size' => 100, 'runs' => ['p'], 'leftM' => 92.7],
                    ],
                    'tooLong' => [],
                ],
            ],
            'relays' => [
                'relays',
                self::RELAYS,
                ['add' => ['p1'], 'exact' => true, 'acceptedBefore' => 0, 'acceptedAfter' => 1, 'open' => ['shed']],
            ],
            'no cables' => [
                'cables',
                ['rack' => [0, 0, 0], 'points' => [], 'drums' => [305]],
                ['runs' => [], 'drums' => [], 'tooLong' => []],
            ],
            'sun' => [
                'sun',
                [...self::SUN, 'at' => '14:30', 'windowDegrees' => 225],
                [
                    'sunrise' => '04:18', 'sunset' => '22:13', 'noon' => '13:15', 'always' => null,
                    'azimuth' => 209.71, 'elevation' => 53.72,
                    'glare' => [['12:01', '20:40']],
                ],
            ],
            'sun that stays' => [
                'sun',
                [...self::SUN, 'latitude' => 80, 'at' => null, 'windowDegrees' => null],
                [
                    'sunrise' => null, 'sunset' => null, 'noon' => '13:15', 'always' => 'up', 'azimuth' => null, 'elevation' => null,
                    'glare' => null,
                ],
            ],
        ];
    }

    public function test_many_places_for_relays_are_no_endless_work(): void
    {
        $places = array_map(static fn (int $n): string => "p{$n}", range(1, 400));
        $link = static fn (string $from, string $to): array => ['a' => $from, 'b' => $to, 'marginDb' => 20];
        $links = [$link('p7', 'lamp'), ...array_map(static fn (string $place): array => $link('hub', $place), $places)];
        $input = [...self::RELAYS, 'candidates' => $places, 'candidateLinks' => $links];
        [$exit, $json] = CommandLine::answer('relays', (string) json_encode($input));

        self::assertSame([0, ['p7'], false], [$exit, json_decode($json, true)['add'], json_decode($json, true)['exact']]);
    }

    public function test_the_cable_too_many_is_named_though_it_says_no_count(): void
    {
        $points = [[...self::POINT, 'count' => 50_000], ['id' => 'q', 'position' => [1, 1, 1], 'cable' => 'cat6']];
        [$exit, $json] = CommandLine::answer('cables', (string) json_encode(['rack' => [0, 0, 0], 'points' => $points, 'drums' => [305]]));

        self::assertSame([2, 'too-large', '$.points[1].count'], [$exit, ...array_values(array_intersect_key(
            json_decode($json, true)['error'],
            ['code' => 0, 'at' => 0],
        ))]);
    }

    public function test_no_margin_leaves_as_minus_zero(): void
    {
        $input = [...self::RADIO, 'sensitivityDbm' => -31.15, 'from' => [0.5, 0.5, 1], 'area' => [...self::AREA, 'x' => [0, 1]]];

        self::assertSame('{"columns":1,"rows":1,"margins":[[0.0]]}', CommandLine::answer('forecast', (string) json_encode($input))[1]);
    }

    /** @param array<string, mixed> $input */
    #[DataProvider('refusals')]
    public function test_what_can_not_be_worked_on_is_refused_with_its_path(string $verb, array $input, string $code, string $at): void
    {
        [$exit, $json] = CommandLine::answer($verb, (string) json_encode($input));
        $error = json_decode($json, true)['error'] ?? null;

        self::assertSame([2, $code, $at], [$exit, $error['code'] ?? null, $error['at'] ?? null], $json);
    }

    /** @return array<string, array{string, array<string, mixed>, string, string}> */
    public static function refusals(): array
    {
        $forecast = static fn (array $area): array => [...self::RADIO, 'from' => [0, 0, 1], 'area' => [...self::AREA, ...$area]];
        $wifi = static fn (array $more): array => ['candidates' => [11], 'wifi' => [
            [...['channel' => 1, 'widthMHz' => 20, 'rssiDbm' => -52, 'busy' => 0.35], ...$more],
        ]];
        $cables = static fn (array $points, array $drums = [305]): array => ['rack' => [0, 0, 0], 'points' => $points, 'drums' => $drums];
        $slot = ['id' => 'a', 'role' => 'router', 'position' => [0, 0, 1]];
        $place = static fn (array $slots, array $places): array => [
            ...self::RADIO,
            'protocol' => 'thread',
            'slots' => $slots,
            'places' => $places,
        ];
        $relays = static fn (array ...$links): array => [...self::RELAYS, 'candidateLinks' => array_map(
            static fn (array $link): array => [...$link, 'marginDb' => 20],
            $links,
        )];
        $places = array_map(static fn (int $n): string => "p{$n}", range(1, 2000));
        $everywhere = array_map(static fn (string $id): array => ['a' => 'hub', 'b' => $id, 'marginDb' => 20], $places);
        $many = array_map(static fn (int $n): array => [...$slot, 'id' => "s{$n}"], range(1, 600));

        return [
            'cells without end' => ['forecast', $forecast(['step' => 0.001]), 'out-of-range', '$.area'],
            'more cells than can be counted' => ['forecast', $forecast(['x' => [0, 1e12], 'step' => 1e-12]), 'out-of-range', '$.area'],
            'no step' => ['forecast', $forecast(['step' => 0]), 'out-of-range', '$.area.step'],
            'an area from right to left' => ['forecast', $forecast(['x' => [2, 0]]), 'out-of-range', '$.area.x[1]'],
            'an area of one edge' => ['forecast', $forecast(['y' => [2]]), 'bad-type', '$.area.y'],
            'a channel below' => ['channels', ['candidates' => [10]], 'out-of-range', '$.candidates[0]'],
            'a channel above' => ['channels', ['candidates' => [11, 27]], 'out-of-range', '$.candidates[1]'],
            'a channel twice' => ['channels', ['candidates' => [11, 11]], 'duplicate-id', '$.candidates[1]'],
            'no candidates' => ['channels', ['wifi' => []], 'missing', '$.candidates'],
            'ours on no channel' => ['channels', ['candidates' => [11], 'keepApartFrom' => [6]], 'out-of-range', '$.keepApartFrom[0]'],
            'a network that is never on air' => ['channels', $wifi(['busy' => 0]), 'out-of-range', '$.wifi[0].busy'],
            'a network that is more than always on air' => ['channels', $wifi(['busy' => 1.01]), 'out-of-range', '$.wifi[0].busy'],
            'a network of another band' => ['channels', $wifi(['channel' => 36]), 'out-of-range', '$.wifi[0].channel'],
            'a network that widens sideways' => [
                'channels',
                $wifi(['widthMHz' => 40, 'secondary' => 'left']),
                'unknown-value',
                '$.wifi[0].secondary',
            ],
            'a slot twice' => ['place', $place([$slot, $slot], []), 'duplicate-id', '$.slots[1].id'],
            'a place twice' => ['place', $place([], [$slot, $slot]), 'duplicate-id', '$.places[1].id'],
            'a slot that is a hub' => ['place', $place([[...$slot, 'role' => 'root']], []), 'unknown-value', '$.slots[0].role'],
            'more than can be judged' => ['place', $place($many, $many), 'too-large', '$.slots'],
            'a candidate that is there' => ['relays', [...self::RELAYS, 'candidates' => ['lamp']], 'duplicate-id', '$.candidates[0]'],
            'a candidate twice' => ['relays', [...self::RELAYS, 'candidates' => ['p', 'p']], 'duplicate-id', '$.candidates[1]'],
            'a link of nobody' => ['relays', $relays(['a' => 'p1', 'b' => 'attic']), 'unknown-id', '$.candidateLinks[0].b'],
            'a link without a candidate' => ['relays', $relays(['a' => 'hub', 'b' => 'lamp']), 'out-of-range', '$.candidateLinks[0]'],
            'a link to itself' => ['relays', $relays(['a' => 'p1', 'b' => 'p1']), 'self-link', '$.candidateLinks[0]'],
            'a link twice' => [
                'relays', $relays(['a' => 'p1', 'b' => 'hub'], ['a' => 'hub', 'b' => 'p1']), 'duplicate-link', '$.candidateLinks[1]',
            ],
            'a network without its root' => ['relays', [...self::RELAYS, 'root' => 'lamp'], 'bad-root', '$.nodes[0].role'],
            'more places than anybody tries' => [
                'relays',
                [...self::RELAYS, 'candidates' => $places, 'candidateLinks' => $everywhere],
                'too-large',
                '$.candidates',
            ],
            'no drum' => ['cables', $cables([self::POINT], []), 'out-of-range', '$.drums'],
            'a drum of nothing' => ['cables', $cables([self::POINT], [0]), 'out-of-range', '$.drums[0]'],
            'a run that no drum holds' => [
                'cables',
                $cables([self::POINT, [...self::POINT, 'id' => 'q', 'position' => [300, 0, 0]]]),
                'out-of-range',
                '$.points[1]',
            ],
            'a point twice' => ['cables', $cables([self::POINT, self::POINT]), 'duplicate-id', '$.points[1].id'],
            'a run twice' => [
                'cables',
                $cables([[...self::POINT, 'count' => 2], [...self::POINT, 'id' => 'p/2']]),
                'duplicate-id',
                '$.points[1].id',
            ],
            'no cable' => ['cables', $cables([[...self::POINT, 'count' => 0]]), 'out-of-range', '$.points[0].count'],
            'more cables than anybody pulls' => [
                'cables',
                $cables([[...self::POINT, 'count' => 1_000_000_000]]),
                'too-large',
                '$.points[0].count',
            ],
            'a day that is none' => ['sun', [...self::SUN, 'date' => '2026-02-30'], 'out-of-range', '$.date'],
            'a day beyond the almanac' => ['sun', [...self::SUN, 'date' => '2100-01-01'], 'out-of-range', '$.date'],
            'beyond the pole' => ['sun', [...self::SUN, 'latitude' => 90.1], 'out-of-range', '$.latitude'],
            'beyond the date line' => ['sun', [...self::SUN, 'longitude' => -180.1], 'out-of-range', '$.longitude'],
            'a clock of no place' => ['sun', [...self::SUN, 'offsetMinutes' => 841], 'out-of-range', '$.offsetMinutes'],
            'an hour that is none' => ['sun', [...self::SUN, 'at' => '24:00'], 'out-of-range', '$.at'],
            'a window beyond the circle' => ['sun', [...self::SUN, 'windowDegrees' => 361], 'out-of-range', '$.windowDegrees'],
        ];
    }
}
