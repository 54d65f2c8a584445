<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\JobFile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a job file tells of how devices reach ecosystems: what is refused is refused where it stands. */
final class BridgingInAFileTest extends TestCase
{
    use RefusesFiles;

    private const AT = '2026-01-02T03:04:05Z';

    /** @return iterable<string, array{string, list<array<string, mixed>>, string|null}> section, rows, and the path that is refused */
    public static function rows(): iterable
    {
        $told = ['slot' => 'chart-blind', 'ecosystem' => 'voice', 'because' => 'It does not know tilt.', 'by' => 'Mara', 'at' => self::AT];
        yield 'told' => ['toldLosses', [$told, ['ecosystem' => 'phone'] + $told], null];
        yield 'told twice' => ['toldLosses', [$told, $told], '$.toldLosses[1]'];
        yield 'told when' => ['toldLosses', [['at' => 'then'] + $told], '$.toldLosses[0].at'];

        $link = ['key' => 'from hub as matter-bridge to ecosystem voice', 'acts' => [], 'devices' => ['chart-blind']];
        yield 'linked' => ['bridgeLinks', [$link + ['marks' => [['device' => 'chart-blind as cover', 'mark' => '02A7']]]], null];
        yield 'linked twice' => ['bridgeLinks', [$link, $link], '$.bridgeLinks[1].key'];
        yield 'a mark of nothing' => ['bridgeLinks', [$link + ['marks' => [['mark' => '02A7']]]], '$.bridgeLinks[0].marks[0].device'];
        yield 'a mark without end' => [
            'bridgeLinks', [$link + ['marks' => [['device' => 'x', 'mark' => str_repeat('0', 201)]]]], '$.bridgeLinks[0].marks[0].mark',
        ];

        $set = ['slot' => 'chart-blind', 'ecosystem' => 'voice', 'name' => 'Blind', 'room' => 'Chart', 'by' => 'Mara', 'at' => self::AT];
        yield 'set' => ['setNames', [$set, ['slot' => 'chart-blind as cover'] + $set], null];
        yield 'set twice' => ['setNames', [$set, $set], '$.setNames[1]'];

        $said = ['open' => true, 'value' => 93, 'by' => 'Mara', 'at' => self::AT];
        $wrapper = [
            'slot' => 'chart-blind', 'wrapping' => 'tilt-as-cover', 'box' => 'hub-box', 'ecosystems' => ['voice'], 'default' => 'closed',
            'readings' => [$said],
        ];
        yield 'made' => ['wrappers', [$wrapper + ['made' => ['at' => self::AT, 'by' => 'Mara'], 'openAt' => 82, 'closedAt' => 75]], null];
        yield 'of two kinds' => ['wrappers', [$wrapper, ['wrapping' => 'level-as-activity', 'default' => '40'] + $wrapper], null];
        yield 'twice' => ['wrappers', [$wrapper, $wrapper], '$.wrappers[1]'];
        yield 'of nothing' => ['wrappers', [['slot' => 'nowhere'] + $wrapper], '$.wrappers[0].slot'];
        yield 'as something else' => ['wrappers', [['wrapping' => 'tilt-as-lamp'] + $wrapper], '$.wrappers[0].wrapping'];
        yield 'ajar' => ['wrappers', [['default' => 'ajar'] + $wrapper], '$.wrappers[0].default'];
        yield 'more than open' => ['wrappers', [['readings' => [['value' => 101] + $said]] + $wrapper], '$.wrappers[0].readings[0].value'];
        yield 'neither open nor closed' => [
            'wrappers', [['readings' => [['open' => 'yes'] + $said]] + $wrapper], '$.wrappers[0].readings[0].open',
        ];
        yield 'made by nobody' => ['wrappers', [$wrapper + ['made' => ['at' => self::AT]]], '$.wrappers[0].made.by'];

        $order = ['ecosystem' => 'voice', 'value' => 'on', 'at' => 1_700_000_000_000];
        $tried = [
            'slot' => 'chart-dimmer', 'by' => 'Mara', 'startedAt' => self::AT, 'endedAt' => self::AT,
            'places' => [['ecosystem' => 'voice', 'device' => '7'], ['ecosystem' => 'phone', 'device' => 'lamp']],
            'orders' => [$order], 'sights' => [['ecosystem' => 'phone'] + $order],
        ];
        yield 'tried' => ['crossings', [$tried, ['slot' => 'chart-blind'] + $tried], null];
        yield 'tried twice' => ['crossings', [$tried, $tried], '$.crossings[1].slot'];
        yield 'nothing tried' => ['crossings', [['slot' => 'nowhere'] + $tried], '$.crossings[0].slot'];
        yield 'ordered elsewhere' => [
            'crossings', [['orders' => [['ecosystem' => 'panel'] + $order]] + $tried], '$.crossings[0].orders[0].ecosystem',
        ];
        yield 'seen elsewhere' => [
            'crossings', [['sights' => [['ecosystem' => 'panel'] + $order]] + $tried], '$.crossings[0].sights[0].ecosystem',
        ];
        yield 'ordered before all time' => ['crossings', [['orders' => [['at' => -1] + $order]] + $tried], '$.crossings[0].orders[0].at'];
        yield 'seen at no time' => ['crossings', [['sights' => [['at' => 'now'] + $order]] + $tried], '$.crossings[0].sights[0].at'];
        yield 'ordered without end' => ['crossings', [['orders' => array_fill(0, 501, $order)] + $tried], '$.crossings[0].orders'];
        yield 'an end that is none' => ['crossings', [['endedAt' => null] + $tried], '$.crossings[0].endedAt'];
    }

    /** @param list<array<string, mixed>> $rows */
    #[DataProvider('rows')]
    public function test_what_is_told_of_ecosystems(string $section, array $rows, ?string $refused): void
    {
        self::assertSame($refused, self::refusal([$section => $rows] + self::house('lantern-house')));
    }

    public function test_boxes_are_looked_at_where_no_ecosystem_is_told_of(): void
    {
        $data = self::house('lantern-house');
        unset($data['ecosystems']);
        self::assertNull(self::refusal($data));
        $data['boxes'][0]['sheet'] = 'nowhere';

        self::assertSame('$.boxes[0].sheet', self::refusal($data));
    }
}
