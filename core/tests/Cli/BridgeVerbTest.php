<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BridgeVerbTest extends TestCase
{
    private const PLUG = ['id' => 'plug', 'capabilities' => ['on-off', 'power'], 'speaks' => ['zigbee']];

    private const LOCK = ['id' => 'lock', 'capabilities' => ['lock'], 'speaks' => ['matter', 'zwave'], 'fabricsUsed' => 4];

    private const HUB = [
        'id' => 'hub', 'owned' => true, 'accepts' => ['zigbee', 'zwave'], 'latencyMs' => 30,
        'offers' => [['as' => 'matter-bridge', 'matterRelease' => '1.2']],
    ];

    private const CLOUD = [
        'id' => 'cloud', 'owned' => false, 'cost' => 20, 'yearlyCost' => 12.5, 'accepts' => ['zigbee', 'zwave'], 'latencyMs' => 400,
        'offers' => [['as' => 'cloud-link', 'cloud' => true]],
    ];

    private const VOICE = [
        'id' => 'voice', 'accepts' => ['matter', 'matter-bridge', 'cloud-link'], 'knows' => ['on-off', 'power', 'lock'],
        'matterRelease' => '1.4', 'removal' => 'bridge',
    ];

    private const PHONE = ['id' => 'phone', 'accepts' => ['matter', 'matter-bridge'], 'knows' => ['on-off', 'lock'], 'removal' => 'single'];

    private const CAPABILITIES = [['id' => 'power', 'matterSince' => '1.3'], ['id' => 'lock', 'matterSince' => '1.0', 'safety' => true]];

    public function test_what_is_wanted_decides_what_is_bought(): void
    {
        $all = $this->bridge([
            ['device' => 'plug', 'ecosystem' => 'voice', 'needs' => ['on-off']],
            ['device' => 'plug', 'ecosystem' => 'phone', 'needs' => ['on-off']],
        ]);
        self::assertSame([[], 0, 0], [$all['buy'], $all['cost'], $all['yearlyCost']]);
        self::assertSame([
            'device' => 'plug', 'ecosystem' => 'voice', 'via' => ['hub'], 'local' => true, 'latencyMs' => 30, 'keeps' => ['on-off'],
            'loses' => [['capability' => 'power', 'at' => 'voice', 'because' => 'Power came with release 1.3; hub speaks 1.2.']],
            'possible' => true,
        ], $all['paths'][0]);
        self::assertSame([], $all['impossible']);
        self::assertSame([['ecosystem' => 'voice', 'device' => 'plug', 'alsoRemoves' => []]], $all['removal']);

        $metered = $this->bridge([['device' => 'plug', 'ecosystem' => 'voice', 'needs' => ['power']]]);
        self::assertSame([['cloud'], 20, 12.5], [$metered['buy'], $metered['cost'], $metered['yearlyCost']]);
        self::assertSame([['cloud'], false, [], true], [
            $metered['paths'][0]['via'], $metered['paths'][0]['local'], $metered['paths'][0]['loses'], $metered['paths'][0]['possible'],
        ]);
    }

    public function test_a_want_that_nothing_meets_buys_nothing_and_says_where_it_fails(): void
    {
        $all = $this->bridge([['device' => 'plug', 'ecosystem' => 'phone', 'needs' => ['on-off', 'power']]]);
        self::assertSame([], $all['buy']);
        self::assertFalse($all['paths'][0]['possible']);
        self::assertSame([[
            'device' => 'plug', 'ecosystem' => 'phone', 'because' => 'Power came with release 1.3; hub speaks 1.2.',
        ]], $all['impossible']);

        $never = $this->bridge([['device' => 'plug', 'ecosystem' => 'phone', 'needs' => ['tilt']]]);
        self::assertSame('plug has no tilt.', $never['impossible'][0]['because']);
        self::assertSame([], $this->bridge([['device' => 'plug', 'ecosystem' => 'phone', 'needs' => []]], boxes: [])['paths']);
    }

    public function test_wants_of_one_pair_are_one_in_the_place_of_the_first(): void
    {
        $all = $this->bridge([
            ['device' => 'plug', 'ecosystem' => 'phone', 'needs' => ['on-off']],
            ['device' => 'plug', 'ecosystem' => 'voice', 'needs' => ['on-off']],
            ['device' => 'plug', 'ecosystem' => 'phone', 'needs' => ['power']],
        ]);
        self::assertSame([['phone', false], ['voice', true]], array_map(
            static fn (array $path): array => [$path['ecosystem'], $path['possible']],
            $all['paths'],
        ));
    }

    public function test_a_share_uses_a_fabric_and_at_the_limit_the_way_leads_over_a_box(): void
    {
        $all = $this->bridge([
            ['device' => 'lock', 'ecosystem' => 'phone', 'needs' => ['lock']],
            ['device' => 'lock', 'ecosystem' => 'voice', 'needs' => ['lock']],
        ]);
        self::assertSame([[], ['hub']], array_column($all['paths'], 'via'));
        self::assertSame([['device' => 'lock', 'used' => 5, 'limit' => 5]], $all['fabrics']);

        $alone = $this->bridge([
            ['device' => 'lock', 'ecosystem' => 'phone', 'needs' => ['lock']],
            ['device' => 'lock', 'ecosystem' => 'voice', 'needs' => ['lock']],
        ], boxes: []);
        self::assertSame('lock holds 5 fabrics and can take no more.', $alone['impossible'][0]['because']);
    }

    public function test_safety_never_hangs_on_a_cloud(): void
    {
        $all = $this->bridge(
            [['device' => 'lock', 'ecosystem' => 'voice', 'needs' => ['lock']]],
            ['lock' => ['speaks' => ['zwave']]],
            [self::CLOUD],
        );
        self::assertSame([[], []], [$all['buy'], $all['paths']]);
        self::assertSame(
            'lock reaches voice only over a cloud: that is never enough where safety hangs on it.',
            $all['impossible'][0]['because'],
        );
    }

    public function test_what_goes_with_a_removal_is_what_came_by_the_same_box(): void
    {
        $all = $this->bridge([
            ['device' => 'plug', 'ecosystem' => 'voice', 'needs' => ['on-off']],
            ['device' => 'lock', 'ecosystem' => 'voice', 'needs' => ['lock']],
            ['device' => 'lock', 'ecosystem' => 'phone', 'needs' => ['lock']],
        ], ['lock' => ['speaks' => ['zwave']]]);
        self::assertSame([
            ['ecosystem' => 'voice', 'device' => 'plug', 'alsoRemoves' => ['lock']],
            ['ecosystem' => 'voice', 'device' => 'lock', 'alsoRemoves' => ['plug']],
        ], $all['removal']);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> what stands otherwise, code, path */
    public static function refused(): array
    {
        $box = ['owned' => false, 'accepts' => [], 'offers' => []];
        $many = array_map(static fn (int $number): array => ['id' => "b{$number}"] + $box, range(1, 13));

        return [
            'no policy' => [['policy' => 'cheapest'], 'unknown-value', '$.policy'],
            'a device twice' => [['devices' => [self::PLUG, self::PLUG]], 'duplicate-id', '$.devices[1].id'],
            'a box twice' => [['boxes' => [self::HUB, self::HUB]], 'duplicate-id', '$.boxes[1].id'],
            'an ecosystem twice' => [['ecosystems' => [self::VOICE, self::VOICE]], 'duplicate-id', '$.ecosystems[1].id'],
            'a capability twice' => [['capabilities' => [['id' => 'a'], ['id' => 'a']]], 'duplicate-id', '$.capabilities[1].id'],
            'an unknown device' => [
                ['wants' => [['device' => 'x', 'ecosystem' => 'voice', 'needs' => []]]], 'unknown-id', '$.wants[0].device',
            ],
            'an unknown ecosystem' => [
                ['wants' => [['device' => 'plug', 'ecosystem' => 'x', 'needs' => []]]], 'unknown-id', '$.wants[0].ecosystem',
            ],
            'a release that is none' => [
                ['capabilities' => [['id' => 'a', 'matterSince' => 'new']]], 'out-of-range', '$.capabilities[0].matterSince',
            ],
            'a number for a release' => [
                ['ecosystems' => [['matterRelease' => 1.2] + self::VOICE]], 'bad-type', '$.ecosystems[0].matterRelease',
            ],
            'a manner of removal that is none' => [
                ['ecosystems' => [['removal' => 'all'] + self::VOICE]], 'unknown-value', '$.ecosystems[0].removal',
            ],
            'a cost below nothing' => [['boxes' => [['cost' => -1] + self::HUB]], 'out-of-range', '$.boxes[0].cost'],
            'thirteen boxes to buy' => [['boxes' => $many], 'out-of-range', '$.boxes'],
            'no list of what it speaks' => [['devices' => [['id' => 'a', 'capabilities' => []]]], 'missing', '$.devices[0].speaks'],
        ];
    }

    /** @param array<string, mixed> $otherwise */
    #[DataProvider('refused')]
    public function test_bad_input_is_refused_with_its_place(array $otherwise, string $code, string $at): void
    {
        [$exit, $json] = CommandLine::answer('bridge', (string) json_encode($otherwise + $this->input([])));
        $error = json_decode($json, true)['error'] ?? [];
        self::assertSame([2, $code, $at], [$exit, $error['code'] ?? null, $error['at'] ?? null], $json);
    }

    public function test_boxes_that_can_be_strung_together_without_end_are_refused_in_words(): void
    {
        $boxes = [];
        foreach (range(0, 63) as $number) {
            $layer = intdiv($number, 8);
            $boxes[] = [
                'id' => "b{$number}", 'owned' => true, 'accepts' => ["f{$layer}"],
                'offers' => [['as' => 'f'.($layer + 1), 'drops' => ["c{$number}"]]],
            ];
        }
        $can = array_map(static fn (int $number): string => "c{$number}", range(0, 63));
        [$exit, $json] = CommandLine::answer('bridge', (string) json_encode([
            'devices' => [['id' => 'd', 'capabilities' => $can, 'speaks' => ['f0']]],
            'boxes' => $boxes,
            'ecosystems' => [['id' => 'e', 'accepts' => ['f8'], 'knows' => $can, 'removal' => 'single']],
            'wants' => [['device' => 'd', 'ecosystem' => 'e', 'needs' => []]],
        ] + $this->input([])));
        self::assertSame([2, 'too-large'], [$exit, json_decode($json, true)['error']['code'] ?? null], substr($json, 0, 200));
    }

    /**
     * @param  list<array<string, mixed>>  $wants
     * @param  array<string, array<string, mixed>>  $otherwise  by device
     * @param  list<array<string, mixed>>  $boxes
     * @return array<string, mixed>
     */
    private function bridge(array $wants, array $otherwise = [], array $boxes = [self::HUB, self::CLOUD]): array
    {
        $input = ['wants' => $wants, 'boxes' => $boxes] + $this->input([]);
        $input['devices'] = array_map(
            static fn (array $device): array => ($otherwise[$device['id']] ?? []) + $device,
            $input['devices'],
        );
        [$exit, $json] = CommandLine::answer('bridge', (string) json_encode($input));
        self::assertSame(0, $exit, $json);

        return json_decode($json, true);
    }

    /**
     * @param  list<array<string, mixed>>  $wants
     * @return array<string, mixed>
     */
    private function input(array $wants): array
    {
        return [
            'policy' => 'local-first',
            'capabilities' => self::CAPABILITIES,
            'devices' => [self::PLUG, self::LOCK],
            'boxes' => [self::HUB, self::CLOUD],
            'ecosystems' => [self::VOICE, self::PHONE],
            'wants' => $wants,
        ];
    }
}
