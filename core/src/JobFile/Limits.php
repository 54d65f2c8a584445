<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Closure;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Pairing\Batch;
use Kavvel\Core\Pairing\LearnSheet;

/**
 * How long, how large and how many everything in a job file may be: what is accepted can be kept, shown, changed,
 * exported and deleted again. A house of the job comes near none of these.
 */
final readonly class Limits
{
    /** Rows of each section */
    public const MOST = [
        'storeys' => 50, 'rooms' => 1_000, 'walls' => 4_000,
        'ducts' => 200, 'underlays' => 50, 'heardNetworks' => 2_000, 'wants' => 10_000, 'leftOut' => 5_000,
        'circuits' => 500, 'keyUses' => 5_000, 'heating' => 1_000, 'closings' => 500, 'pointSteps' => 30_000, 'tradeWorks' => 10_000,
        'designerCounts' => 500,
        'existing' => 2_000, 'measures' => 5_000, 'fits' => 1_000, 'isolations' => 2_000,
        'temporaryStates' => 2_000,
        'profiles' => 500, 'points' => 5_000, 'gateways' => 50, 'nodes' => 2_000,
        'slots' => 1_000, 'attempts' => 10_000, 'proofs' => 10_000, 'meshReadings' => 500, 'questions' => 2_000, 'snags' => 5_000,
        'log' => 20_000, 'members' => 500, 'busAddresses' => 4_000, 'meshProposals' => 500,
        'bridgeSheets' => 200, 'ecosystems' => 50, 'boxes' => 100, 'toldLosses' => 5_000, 'bridgeLinks' => 1_000,
        'setNames' => 10_000, 'wrappers' => 1_000, 'crossings' => 1_000,
    ];

    /** Sections that a file may leave out */
    private const MAY = [
        'members', 'busAddresses', 'meshProposals', 'bridgeSheets', 'ecosystems', 'boxes', 'toldLosses', 'bridgeLinks', 'setNames',
        'wrappers', 'crossings',
    ];

    private const MOST_LINKS = 20_000;

    /** Ten from each of fifty ecosystems */
    private const MOST_ORDERS = 500;

    /** A job lies inside ten kilometres around its own origin */
    private const FARTHEST_M = 10_000.0;

    private const NAME = 255;

    private const LONG = 500;

    private const MOST_LETTERS_OF_A_PICTURE = 4_000_000;

    private const MOST_BYTES_OF_A_PROFILE = 20_000;

    private const MOST_BYTES_OF_AN_ISOLATION = 100_000;

    /** @throws InvalidInput */
    public static function check(Input $file): void
    {
        foreach (self::MOST as $section => $most) {
            $rows = in_array($section, self::MAY, true) ? $file->find($section)?->items() ?? [] : $file->get($section)->items();
            if (count($rows) > $most) {
                throw InvalidInput::outOfRange("$.{$section}", "a list of at most {$most}");
            }
            foreach ($rows as $row) {
                self::row($row, $section);
            }
        }
        if ($file->get('storeys')->items() === []) {
            throw InvalidInput::outOfRange('$.storeys', 'a list of one storey or more');
        }
        self::fields($file->get('job'), self::ofTheJob());
    }

    private static function row(Input $row, string $section): void
    {
        if ($section === 'members') {
            Check::line($row, self::NAME);

            return;
        }
        self::fields($row, self::ofSections()[$section]);
        $isEntry = in_array($section, ['profiles', 'bridgeSheets'], true);
        if ($isEntry && strlen((string) json_encode($row->raw())) > self::MOST_BYTES_OF_A_PROFILE) {
            throw InvalidInput::outOfRange($row->at, 'an entry of at most '.self::MOST_BYTES_OF_A_PROFILE.' bytes');
        }
        if ($section === 'isolations' && strlen((string) json_encode($row->raw())) > self::MOST_BYTES_OF_AN_ISOLATION) {
            throw InvalidInput::outOfRange($row->at, 'an isolation of at most '.self::MOST_BYTES_OF_AN_ISOLATION.' bytes');
        }
    }

    /** @param array<string, Closure(Input): mixed> $fields by name; one that ends with ? may be left out */
    private static function fields(Input $row, array $fields): void
    {
        foreach ($fields as $name => $check) {
            $value = str_ends_with($name, '?') ? $row->find(rtrim($name, '?')) : $row->get($name);
            if ($value !== null) {
                $check($value);
            }
        }
    }

    /** @return array<string, Closure(Input): mixed> */
    private static function ofTheJob(): array
    {
        $whole = static fn (int $most): Closure => static fn (Input $one): int => $one->whole(0, $most);

        return [
            'key' => Check::key(...),
            'name' => self::line(self::NAME),
            'client' => static fn (Input $client) => self::fields($client, [
                'name' => self::line(self::NAME), 'email?' => self::line(self::NAME), 'phone?' => self::line(self::NAME),
            ]),
            'address' => self::line(self::NAME),
            'namePattern' => self::line(self::NAME), 'namePlatforms?' => self::note(2_000), 'nameGroups?' => self::note(2_000),
            'acceptanceDb' => self::number(0, 100),
            'batch?' => $whole(Batch::MOST),
            'clutterConstantDb' => self::number(0, 100),
            'clutterDbPerMetre' => self::number(0, 100),
            'latitude?' => self::number(-90, 90),
            'longitude?' => self::number(-180, 180),
            'upBearing?' => self::number(0, 360),
            'visit' => static fn (Input $visit) => self::fields($visit, [
                'number' => $whole(255), 'of' => $whole(255), 'plannedMinutes' => $whole(65_535), 'usedMinutes' => $whole(65_535),
            ]),
        ];
    }

    /** @return array<string, array<string, Closure(Input): mixed>> */
    private static function ofSections(): array
    {
        $time = Check::time(...);
        $place = self::place(...);
        $name = self::line(self::NAME);
        $long = self::note(self::LONG);

        return [
            'storeys' => [
                'key' => Check::key(...), 'name' => $name, 'level' => static fn (Input $level): int => $level->whole(-200, 200),
                'elevation' => self::number(-self::FARTHEST_M, self::FARTHEST_M), 'height' => self::number(0, 1_000),
                'outline' => self::corners(...), 'floorLayers' => self::layers(...), 'outerLayers?' => self::layers(...),
                'innerLayers?' => self::layers(...),
            ],
            'rooms' => [
                'key' => Check::key(...), 'name' => $name, 'code' => self::line(8), 'outline' => self::corners(...),
                'height?' => self::number(0, 1_000),
            ],
            'walls' => [
                'key' => Check::key(...), 'label' => $name, 'height' => self::number(0, 1_000), 'from' => $place, 'to' => $place,
                'layers' => self::layers(...),
                'openings' => static fn (Input $openings) => self::each($openings, 100, static fn (Input $one) => self::fields($one, [
                    'kind' => self::line(40), 'offset' => self::number(0, self::FARTHEST_M), 'width' => self::number(0, self::FARTHEST_M),
                    'sill' => self::number(0, 1_000), 'head' => self::number(0, 1_000), 'layers' => self::layers(...),
                ])),
            ],
            'ducts' => [
                'key' => Check::key(...), 'name' => $name,
                'path' => static fn (Input $path) => self::each($path, 100, self::place(...)),
            ],
            'underlays' => [
                'x' => self::number(-self::FARTHEST_M, self::FARTHEST_M), 'y' => self::number(-self::FARTHEST_M, self::FARTHEST_M),
                'metresPerPixel' => self::number(0.000_01, 10),
                'picture' => static fn (Input $picture): string => $picture->textUpTo(self::MOST_LETTERS_OF_A_PICTURE),
            ],
            'heardNetworks' => [
                'key' => Check::key(...), 'name' => $name, 'channel' => static fn (Input $channel): int => $channel->whole(1, 14),
                'rssiDbm' => self::number(-200, 50), 'busy' => self::number(0.001, 1), 'heardAt' => $time,
            ],
            'wants' => ['room' => Check::key(...)],
            'leftOut' => ['demand' => self::line(220)],
            'circuits' => [
                'key' => Check::key(...), 'label' => self::line(120), 'breaker' => self::line(40), 'breakerA?' => self::number(0, 1_000),
                'rcd?' => self::line(60), 'phase?' => self::line(10), 'channel?' => self::line(40), 'channelW?' => self::number(0, 100_000),
                'rooms' => static fn (Input $all) => self::each($all, self::MOST['rooms'], Check::key(...)),
                'lamps' => static fn (Input $all) => self::each($all, 1_000, static fn (Input $one) => self::fields($one, [
                    'count' => static fn (Input $count): int => $count->whole(1, 200), 'watts' => self::number(0, 2_000),
                ])),
            ],
            'keyUses' => ['control' => self::line(90), 'number' => static fn (Input $number): int => $number->whole(1, 12)],
            'closings' => [
                'key' => Check::key(...), 'name' => self::line(120), 'trade' => self::line(80), 'closesOn' => Check::date(...),
                'rooms' => static fn (Input $all) => self::each($all, self::MOST['rooms'], Check::key(...)),
                'leadDays' => static fn (Input $days): int => $days->whole(0, 365),
                'fittingDays' => static fn (Input $days): int => $days->whole(0, 365), 'closedAt?' => $time,
            ],
            'pointSteps' => [
                'point' => Check::key(...), 'by' => $name, 'at' => $time, 'pictureLeftOut?' => static fn (Input $one): bool => $one->flag(),
                'picture?' => static fn (Input $picture): string => $picture->textUpTo(self::MOST_LETTERS_OF_A_PICTURE),
            ],
            'designerCounts' => [
                'purpose' => self::line(40), 'count' => static fn (Input $count): int => $count->whole(0, 5_000),
            ],
            'tradeWorks' => ['room' => Check::key(...), 'trade' => self::line(80), 'at' => $time],
            'existing' => [
                'key' => Check::key(...), 'room' => Check::key(...), 'what' => self::line(120), 'holderName?' => self::line(120),
                'note?' => self::note(self::NAME), 'profile?' => self::line(80), 'slot?' => Check::key(...), 'leftAt?' => $time,
            ],
            'fits' => [
                'slot' => Check::key(...), 'circuit?' => Check::key(...), 'fittedAt?' => $time, 'fittedBy?' => $name, 'pictureAt?' => $time,
                'picture?' => static fn (Input $picture): string => $picture->textUpTo(self::MOST_LETTERS_OF_A_PICTURE),
                'pictureLeftOut?' => static fn (Input $one): bool => $one->flag(),
                'minutes?' => static fn (Input $minutes): int => $minutes->whole(0, 10_000),
                'box?' => static fn (Input $box) => self::fields($box, [
                    'depthMm' => self::number(0, 300), 'spacerMm?' => self::number(0, 100),
                    'cables' => static fn (Input $cables): int => $cables->whole(0, 20),
                    'ganged?' => static fn (Input $ganged): int => $ganged->whole(1, 10),
                ]),
                'loads?' => static fn (Input $all) => self::each($all, 20, static fn (Input $one) => self::fields($one, [
                    'watts' => self::number(0, 5_000), 'count?' => static fn (Input $count): int => $count->whole(0, 200),
                ])),
                'wires?' => static fn (Input $all) => self::each($all, 60, static fn (Input $one) => self::fields($one, [
                    'name' => self::line(40), 'wasAt?' => self::note(60), 'goesTo?' => self::line(40),
                ])),
            ],
            'isolations' => [
                'key' => Check::key(...), 'circuit?' => Check::key(...), 'label' => self::line(120), 'begunAt' => $time,
                'endedAt?' => $time,
            ],
            'temporaryStates' => [
                'key' => Check::key(...), 'slot?' => Check::key(...), 'what' => self::line(190), 'openedBy' => $name, 'openedAt' => $time,
                'closeBy?' => Check::date(...), 'closedBy?' => $name, 'closedAt?' => $time, 'endsAt?' => $time,
            ],
            'measures' => ['opening' => self::line(120), 'storey?' => Check::key(...), 'at?' => $place],
            'heating' => [
                'loops' => static fn (Input $loops): int => $loops->whole(0, 24), 'watts' => self::number(0, 50_000),
            ],
            'profiles' => [
                'key' => Check::key(...), 'name' => $name, 'model' => $name, 'caution?' => $long,
                'capabilities' => static fn (Input $all) => self::each($all, 100, self::line(80)),
            ],
            'points' => [
                'key' => Check::key(...), 'purpose' => self::line(40), 'position' => $place, 'label?' => self::line(40),
                'count?' => static fn (Input $count): int => $count->whole(0, 48),
            ],
            'gateways' => [
                'key' => Check::key(...), 'name' => $name, 'position' => $place,
                'networks' => static fn (Input $all) => self::each($all, 20, static fn (Input $one) => self::fields($one, [
                    'protocol' => self::line(20), 'channel?' => static fn (Input $channel): int => $channel->whole(0, 65_535),
                    'chosenAt?' => $time,
                ])),
                'checks?' => static fn (Input $all) => self::each($all, 20, static fn (Input $one) => self::fields($one, [
                    'note?' => self::line(190), 'by' => $name, 'at' => $time,
                ])),
            ],
            'nodes' => [
                'address' => self::line(40), 'via?' => self::line(40), 'model?' => $name, 'firmware?' => self::line(40), 'label?' => $name,
                'batteryPercent?' => static fn (Input $percent): int => $percent->whole(0, 100), 'joinedAt?' => $time, 'heardAt?' => $time,
                'givenUpAt?' => $time,
                'capabilities' => static fn (Input $all) => self::each($all, 100, self::line(80)),
            ],
            'slots' => [
                'key' => Check::key(...), 'place' => $name, 'what' => $name, 'position' => $place, 'feed?' => $name,
                'note?' => self::note(self::NAME),
                'name?' => $name, 'namedAt?' => $time, 'hardware?' => self::line(40), 'leftAt?' => $time,
                'placedAt?' => $time,
                'settings?' => static fn (Input $all) => self::each($all, 60, static fn (Input $one) => self::fields($one, [
                    'name' => self::line(40), 'planned?' => self::line(60), 'actual?' => self::line(60), 'setBy?' => $name,
                    'setAt?' => $time,
                ])),
                'stays?' => static fn (Input $all) => self::each($all, 200, static fn (Input $one) => self::fields($one, [
                    'address' => self::line(40), 'model?' => $name, 'since' => $time, 'until?' => $time,
                    'because?' => self::note(self::NAME),
                    'shown?' => static fn (Input $rungs) => self::each($rungs, 20, self::line(20)),
                    'hangingOn?' => static fn (Input $count): int => $count->whole(0, 65_535),
                ])),
                'taught?' => static fn (Input $taught) => self::fields($taught, [
                    'keys' => static fn (Input $keys) => self::each($keys, LearnSheet::MOST_KEYS, static fn (Input $one) => self::fields(
                        $one,
                        ['name' => self::line(40), 'by?' => $name, 'at?' => $time, 'signal?' => self::line(4_000)],
                    )),
                ]),
                'load?' => static fn (Input $load) => self::fields($load, [
                    'what' => self::line(120), 'watts?' => self::number(0, 100_000),
                ]),
            ],
            'attempts' => [
                'startedAt' => $time, 'endedAt?' => $time, 'interviewDone?' => static fn (Input $done): int => $done->whole(0, 65_535),
                'interviewTotal?' => static fn (Input $total): int => $total->whole(0, 65_535), 'marginDb?' => self::number(-1_000, 1_000),
                'missing?' => static fn (Input $all) => self::each($all, 100, self::line(80)), 'node?' => self::line(40),
                'securedWith?' => self::line(40), 'lightAt?' => $time,
                'strangers?' => static fn (Input $count): int => $count->whole(0, 255),
                'otherSeen?' => static fn (Input $seen): bool => $seen->flag(),
            ],
            'proofs' => [
                'reason?' => self::note(self::NAME), 'at' => $time, 'by?' => self::line(self::NAME),
                'ecosystem?' => Check::shownKey(...),
                'withdrawn?' => static fn (Input $taken) => self::fields($taken, [
                    'at' => $time, 'by' => self::line(self::NAME), 'because' => self::note(self::NAME),
                ]),
            ],
            'meshReadings' => [
                'askedAt' => $time, 'endedAt?' => $time, 'hubAt?' => self::line(60),
                'routes?' => static fn (Input $all) => self::each($all, self::MOST['nodes'], static fn (Input $one) => self::fields($one, [
                    'address' => self::line(40), 'via' => static fn (Input $via) => self::each($via, 10, self::line(40)),
                ])),
                'asleep?' => static fn (Input $all) => self::each($all, self::MOST['nodes'], self::line(40)),
                'members?' => static fn (Input $all) => self::each($all, self::MOST['slots'], static fn (Input $one) => self::fields($one, [
                    'slot' => Check::key(...), 'address' => self::line(40), 'standing' => self::line(self::NAME),
                ])),
                'links' => static fn (Input $all) => self::each($all, self::MOST_LINKS, static fn (Input $link) => self::fields($link, [
                    'a' => self::line(40), 'b' => self::line(40), 'marginDb' => self::number(-1_000, 1_000),
                    'marginBackDb?' => self::number(-1_000, 1_000),
                ])),
            ],
            'meshProposals' => [
                'key' => Check::key(...), 'changes' => self::line(800), 'by' => self::line(120), 'at' => $time, 'workedAt?' => $time,
                'promised?' => static fn (Input $all) => self::fields($all, array_fill_keys(
                    ['accepted', 'thin', 'lost'],
                    static fn (Input $count): int => $count->whole(0, 65_535),
                )),
            ],
            'questions' => [
                'key' => Check::key(...), 'text' => $long, 'owner' => $name, 'dueOn' => Check::date(...), 'otherwise' => $long,
                'answer?' => self::note(600), 'answeredAt?' => $time, 'trade?' => self::line(80), 'costEffect?' => self::line(self::NAME),
                'about?' => self::line(190), 'closing?' => Check::key(...),
                'sources?' => static fn (Input $all) => self::each($all, 2, static fn (Input $one) => self::fields($one, [
                    'who' => self::line(120), 'says' => self::line(120),
                ])),
            ],
            'snags' => [
                'key' => Check::key(...), 'text' => $long, 'raisedBy' => $name, 'raisedAt' => $time, 'closedBy?' => $name,
                'acceptedBy?' => $name,
                'closedAt?' => $time,
            ],
            'bridgeSheets' => ['key' => Check::key(...), 'name' => self::line(80)],
            'ecosystems' => [
                'key' => Check::key(...), 'name' => self::line(80), 'matterRelease?' => self::line(20), 'accountOf?' => self::line(120),
                'note?' => self::note(self::NAME),
            ],
            'boxes' => [
                'key' => Check::key(...), 'name' => self::line(80), 'segment?' => self::line(40), 'address?' => self::line(60),
                'reserved?' => static fn (Input $one): bool => $one->flag(),
                'firmware?' => self::line(40), 'matterRelease?' => self::line(20),
                'note?' => self::note(self::NAME),
            ],
            'bridgeLinks' => [
                'key' => self::line(self::NAME),
                'devices?' => static fn (Input $all) => self::each($all, self::MOST['slots'], Check::shownKey(...)),
                'marks?' => static fn (Input $all) => self::each($all, self::MOST['slots'], static fn (Input $one) => self::fields($one, [
                    'device' => Check::shownKey(...), 'mark' => self::line(200),
                ])),
                'ecosystem?' => Check::key(...), 'madeAt?' => $time, 'users?' => self::note(1_000), 'usersNotedAt?' => $time,
                'takenOverAt?' => $time, 'reproveFrom?' => $time,
            ],
            'setNames' => [
                'slot' => Check::shownKey(...), 'ecosystem' => Check::key(...), 'name' => self::note(200), 'room' => self::note(200),
                'mark?' => self::line(80),
                'by' => self::line(120), 'at' => $time,
            ],
            'wrappers' => [
                'slot' => Check::key(...), 'box' => Check::key(...), 'default' => self::line(20),
                'mark?' => self::line(80), 'name?' => self::line(200),
                'ecosystems' => static fn (Input $all) => self::each($all, self::MOST['ecosystems'], Check::key(...)),
                'openAt?' => self::number(0, 100), 'closedAt?' => self::number(0, 100),
                'made?' => static fn (Input $made) => self::fields($made, ['at' => $time, 'by' => self::line(120)]),
                'readings' => static fn (Input $all) => self::each($all, 200, static fn (Input $one) => self::fields($one, [
                    'open' => static fn (Input $open): bool => $open->flag(), 'value' => self::number(0, 100),
                    'by' => self::line(120), 'at' => $time,
                ])),
            ],
            'crossings' => [
                'slot' => Check::key(...), 'by' => self::line(120), 'startedAt' => $time, 'endedAt' => $time,
                'places' => static fn (Input $all) => self::each($all, self::MOST['ecosystems'], static fn (Input $one) => self::fields(
                    $one,
                    ['ecosystem' => Check::key(...), 'device' => self::line(200)],
                )),
                'orders' => static fn (Input $all) => self::each($all, self::MOST_ORDERS, self::crossed(...)),
                'sights' => static fn (Input $all) => self::each($all, self::MOST['ecosystems'] * self::MOST_ORDERS, self::crossed(...)),
            ],
            'toldLosses' => [
                'slot' => Check::shownKey(...), 'ecosystem' => Check::key(...), 'because' => self::note(10_000), 'by' => self::line(120),
                'at' => $time,
            ],
            'busAddresses' => [
                'address' => self::line(20), 'name' => self::line(120), 'point' => self::line(120),
                'heard?' => static fn (Input $heard) => self::fields($heard, [
                    'value' => self::line(200), 'from?' => self::line(40), 'at' => $time, 'until?' => $time,
                ]),
            ],
            'log' => ['at' => $time, 'by' => $name, 'kind' => self::line(40), 'text' => self::note(1_000), 'slot?' => Check::key(...)],
        ];
    }

    /** @return Closure(Input): string */
    private static function line(int $most): Closure
    {
        return static fn (Input $text): string => Check::line($text, $most);
    }

    /** @return Closure(Input): string */
    private static function note(int $most): Closure
    {
        return static fn (Input $text): string => Check::note($text, $most);
    }

    /** @return Closure(Input): float */
    private static function number(float $least, float $most): Closure
    {
        return static fn (Input $number): float => $number->numberUpTo($least, $most);
    }

    /** Ordered or seen in a test from all sides; the time in milliseconds. */
    private static function crossed(Input $one): void
    {
        self::fields($one, [
            'ecosystem' => Check::key(...), 'value' => self::line(20), 'at' => static fn (Input $at): int => $at->wholeFrom(0),
        ]);
    }

    private static function place(Input $place): void
    {
        foreach ($place->items() as $coordinate) {
            (self::number(-self::FARTHEST_M, self::FARTHEST_M))($coordinate);
        }
    }

    private static function corners(Input $outline): void
    {
        self::each($outline, 500, self::place(...));
    }

    private static function layers(Input $layers): void
    {
        self::each($layers, 30, static fn (Input $layer) => self::fields($layer, ['thickness' => self::number(0, 20)]));
    }

    /** @param Closure(Input): mixed $check */
    private static function each(Input $list, int $most, Closure $check): void
    {
        if (count($list->items()) > $most) {
            throw InvalidInput::outOfRange($list->at, "a list of at most {$most}");
        }
        array_map($check, $list->items());
    }
}
