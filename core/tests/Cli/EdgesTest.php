<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\UnsoundGraph;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers that can't be held, inputs without end, and words of every script. */
final class EdgesTest extends TestCase
{
    /** @return array<string, array{string, string, string, string}> verb, input, code, path */
    public static function refused(): array
    {
        $battery = '{"capacityMah":%s,"chemistry":"lithium","sleepMicroAmp":3,"eventsPerDay":50,"microAmpSecondsPerEvent":3000}';
        $trial = static fn (string $trials): string => "{\"hits\":1,\"trials\":{$trials},\"target\":0.9}";
        $link = '{"frequencyMHz":2440,"txDbm":8,"sensitivityDbm":-97,"from":[0,0,1],"to":[5,0,1]%s}';
        $wall = static fn (string $layer): string => '{"from":[2,-5],"to":[2,5],"bottom":0,"top":3,"layers":['.$layer.']}';
        $slot = '{"id":"a","protocol":"zigbee","role":"router","position":[0,0,0]%s}';
        $order = static fn (string $slots): string => "{\"gateway\":\"hub\",\"slots\":[{$slots}]}";

        return [
            'a number beyond all numbers' => ['battery', sprintf($battery, '1e400'), 'out-of-range', '$.capacityMah'],
            'a whole number beyond 2^53' => ['presses', $trial('9007199254740993000'), 'out-of-range', '$.trials'],
            'one that would be wrapped' => ['presses', $trial('18446744073709551617'), 'out-of-range', '$.trials'],
            'one written as a fraction' => ['presses', $trial('1e30'), 'out-of-range', '$.trials'],
            'a text without end' => [
                'names', '{"devices":[{"id":"a","what":"'.str_repeat('x', 10_001).'"}]}', 'too-large', '$.devices[0].what',
            ],
            'a text without end that nobody reads' => ['presses', '{"note":"'.str_repeat('ä', 10_001).'"}', 'too-large', '$.note'],
            'a list without end' => ['mesh', '{"nodes":['.str_repeat('0,', 50_000).'0]}', 'too-large', '$.nodes'],
            'an input without end' => ['names', '{"a":"'.str_repeat('x', 21_000_000).'"}', 'too-large', '$'],
            'a list for an object' => ['order', $order('["a","zigbee"]'), 'bad-type', '$.slots[0]'],
            'an empty list for an object' => ['order', $order('[]'), 'bad-type', '$.slots[0]'],
            'an object for a list' => ['mesh', '{"protocol":"zigbee","root":"hub","nodes":{},"links":[]}', 'bad-type', '$.nodes'],
            'a slot without a place' => [
                'order', $order('{"id":"a","protocol":"zigbee","role":"router"}'), 'missing', '$.slots[0].position',
            ],
            'a slot on a plane' => [
                'order', $order(str_replace('[0,0,0]', '[0,0]', sprintf($slot, ''))), 'bad-type', '$.slots[0].position',
            ],
            'a slot of no protocol' => [
                'order', $order(str_replace('zigbee', 'smoke', sprintf($slot, ''))), 'unknown-value', '$.slots[0].protocol',
            ],
            'a school that is none' => ['order', '{"school":"","gateway":"hub","slots":[]}', 'unknown-value', '$.school'],
            'a wall without thickness' => [
                'link', sprintf($link, ',"walls":['.$wall('{"material":"brick"}').']'), 'missing', '$.walls[0].layers[0].thickness',
            ],
            'a floor of two corners' => [
                'link', sprintf($link, ',"floors":[{"height":2,"outline":[[0,0],[1,1]],"layers":[]}]'), 'out-of-range',
                '$.floors[0].outline',
            ],
            'an ecosystem twice' => [
                'names', '{"devices":[],"ecosystems":[{"id":"a"},{"id":"a"}]}', 'duplicate-id', '$.ecosystems[1].id',
            ],
            'a device that is called nothing' => ['names', '{"devices":[{"id":"a","what":" - "}]}', 'out-of-range', '$.devices[0].what'],
            'a room that is called nothing' => ['names', '{"devices":[],"rooms":[""]}', 'out-of-range', '$.rooms[0]'],
            'a protocol that is none' => [
                'names', '{"devices":[{"id":"a","what":"x","protocol":""}]}', 'unknown-value', '$.devices[0].protocol',
            ],
            'parents in a circle' => [
                'order', $order(sprintf($slot, ',"parent":"b"').','.str_replace('"id":"a"', '"id":"b"', sprintf($slot, ',"parent":"a"'))),
                'parent-loop', '$.slots[0].parent',
            ],
        ];
    }

    #[DataProvider('refused')]
    public function test_what_can_not_be_worked_on_is_refused_at_once(string $verb, string $input, string $code, string $at): void
    {
        [$exit, $answer] = CommandLine::answer($verb, $input);
        $error = json_decode($answer, true)['error'] ?? [];

        self::assertSame([2, $code, $at], [$exit, $error['code'] ?? $answer, $error['at'] ?? '']);
        self::assertLessThan(400, strlen((string) $error['message']));
    }

    public function test_a_message_quotes_no_more_than_a_sentence_bears(): void
    {
        $id = str_repeat('n', 5_000);
        $answer = CommandLine::answer('mesh', (string) json_encode([
            'protocol' => 'zigbee',
            'root' => 'hub',
            'nodes' => [['id' => $id, 'role' => 'end'], ['id' => $id, 'role' => 'end']],
            'links' => [],
        ]))[1];

        self::assertStringContainsString(str_repeat('n', 79).'…', $answer);
        self::assertStringNotContainsString(str_repeat('n', 81), $answer);
    }

    public function test_a_chain_of_twenty_thousand_is_answered_or_refused_in_seconds(): void
    {
        $nodes = [['id' => 'n0', 'role' => 'root']];
        $links = [];
        $slots = [];
        for ($i = 1; $i < 20_000; $i++) {
            $nodes[] = ['id' => "n{$i}", 'role' => 'router'];
            $links[] = ['a' => "n{$i}", 'b' => 'n'.($i - 1), 'marginDb' => 20];
            $slots[] = [
                'id' => "n{$i}",
                'protocol' => 'zigbee',
                'role' => 'router',
                'position' => [0, 0, 0],
                'parent' => $i === 1 ? 'n0' : 'n'.($i - 1),
            ];
        }
        $mesh = static fn (string $protocol): array => CommandLine::answer('mesh', (string) json_encode([
            'protocol' => $protocol, 'root' => 'n0', 'nodes' => $nodes, 'links' => $links,
        ]));
        self::assertSame('too-large', json_decode($mesh('zigbee')[1], true)['error']['code']);
        self::assertSame(0, $mesh('zwave')[0]);
        [$exit, $answer] = CommandLine::answer('order', (string) json_encode(['gateway' => 'n0', 'slots' => array_reverse($slots)]));

        self::assertSame(0, $exit);
        self::assertSame(['n1', 'n2', 'n3'], array_column(array_slice(json_decode($answer, true)['order'], 0, 3), 'id'));
    }

    public function test_paths_are_judged_up_to_two_and_a_half_million_steps(): void
    {
        foreach ([2_235 => true, 2_236 => false] as $count => $isJudged) {
            $nodes = array_map(static fn (int $i): Node => new Node("n{$i}", $i === 0 ? Role::Root : Role::Router), range(0, $count - 1));
            $links = array_map(static fn (int $i): Link => new Link("n{$i}", 'n'.($i - 1), 20.0), range(1, $count - 1));
            try {
                MeshJudge::judge(new Graph(Protocol::Zigbee, $nodes, $links, 'n0'));
                self::assertTrue($isJudged);
            } catch (UnsoundGraph $refused) {
                self::assertSame([false, 'too-large'], [$isJudged, $refused->reason]);
            }
        }
    }

    public function test_three_thousand_devices_are_named(): void
    {
        $devices = array_map(static fn (int $i): array => [
            'id' => "d{$i}",
            'room' => strtr(md5((string) ($i % 40)), '0123456789', 'ghijklmnop'),
            'place' => "shelf {$i}",
            'what' => ['lamp', 'sensor', 'blind'][$i % 3],
            'protocol' => 'matter',
        ], range(1, 3_000));
        [$exit, $answer] = CommandLine::answer('names', (string) json_encode(['devices' => $devices]));

        self::assertSame(0, $exit, substr($answer, 0, 300));
        self::assertCount(3_000, json_decode($answer, true)['names']);
    }

    /** @return array<string, array{string, string, list<string>}> two names, and the kinds of their conflict */
    public static function names(): array
    {
        return [
            'Cyrillic, one letter apart' => ['лампа', 'лампы', ['near']],
            'Cyrillic, two letters apart' => ['лампа', 'ламы', []],
            'Greek, one letter apart' => ['φώτα', 'φώτο', ['near']],
            'Vietnamese, one letter apart' => ['đèn trần', 'đèn trân', ['same']],
            'one word in two encodings' => ["cafe\u{301}", 'café', ['same']],
            'Cyrillic in two encodings' => ["чаи\u{306}ник", 'чайник', ['same']],
            'two inner numbers' => ['Window 1 blind', 'Window 2 blind', []],
            'two ordinals' => ['1st lamp', '2nd lamp', []],
            'a plural' => ['lamp', 'lamps', ['near']],
            'two capitals' => ['Σίγμα ΟΔΟΣ', 'σίγμα οδος', ['same']],
        ];
    }

    /** @param list<string> $kinds */
    #[DataProvider('names')]
    public function test_letters_are_letters_in_every_script(string $one, string $other, array $kinds): void
    {
        $devices = [['id' => 'b', 'what' => $one], ['id' => 'a', 'what' => $other]];
        $answer = CommandLine::answer('names', (string) json_encode(['pattern' => '{what}', 'devices' => $devices]))[1];
        $conflicts = json_decode($answer, true)['conflicts'];
        self::assertSame($kinds, array_column($conflicts, 'kind'), $answer);
        foreach ($conflicts as $conflict) {
            self::assertSame(['a', 'b'], $conflict['ids']);
        }
        $turned = CommandLine::answer('names', (string) json_encode(['pattern' => '{what}', 'devices' => array_reverse($devices)]))[1];

        self::assertSame($answer, $turned, 'nothing depends on the order of the input');
    }

    public function test_presses_keep_to_their_rule_at_every_confidence(): void
    {
        foreach ([0.5, 0.9, 0.99, 0.999999, 1 - 1e-9] as $reliability) {
            foreach ([1e-12, 0.001, 0.5, 0.9, 0.999999, 1 - 1e-9, 1 - 1e-12, 1 - 1e-15] as $confidence) {
                $n = json_decode(
                    CommandLine::answer('presses', (string) json_encode(['reliability' => $reliability, 'confidence' => $confidence]))[1],
                    true,
                )['trials'];
                self::assertIsInt($n);
                self::assertGreaterThanOrEqual($confidence - 1e-9, 1 - $reliability ** $n + 1e-15);
                self::assertTrue(
                    $n === 1 || 1 - $reliability ** ($n - 1) < $confidence - 1e-9 + 1e-15,
                    "{$reliability}, {$confidence}: {$n}",
                );
            }
        }
    }

    public function test_a_short_way_over_what_can_vanish_makes_no_long_way_short(): void
    {
        $chain = ['hub', 'a', 'b', 'c', 'd', 'e', 'x'];
        $nodes = [['id' => 'hub', 'role' => 'root'], ['id' => 'lamp', 'role' => 'router', 'removable' => true]];
        $links = [['a' => 'hub', 'b' => 'lamp', 'marginDb' => 20], ['a' => 'lamp', 'b' => 'x', 'marginDb' => 20]];
        foreach (array_slice($chain, 1) as $at => $id) {
            $nodes[] = ['id' => $id, 'role' => 'router'];
            $links[] = ['a' => $chain[$at], 'b' => $id, 'marginDb' => 20];
        }
        $report = json_decode(CommandLine::answer('mesh', (string) json_encode([
            'protocol' => 'zwave', 'root' => 'hub', 'nodes' => $nodes, 'links' => $links,
        ]))[1], true);
        $x = array_column($report['nodes'], null, 'id')['x'];

        self::assertSame([2, 0, 'thin'], [$x['hops'], $x['acceptedPaths'], $x['verdict']]);
    }

    public function test_a_removable_root_carries_and_a_parent_leads_elsewhere(): void
    {
        $report = json_decode(CommandLine::answer('mesh', (string) json_encode([
            'protocol' => 'zwave', 'root' => 'hub', 'nodes' => [
                ['id' => 'hub', 'role' => 'root', 'removable' => true], ['id' => "a\nb", 'role' => 'router'],
                ['id' => 'c', 'role' => 'router'],
            ],
            'links' => [['a' => 'hub', 'b' => "a\nb", 'marginDb' => 20], ['a' => "a\nb", 'b' => 'c', 'marginDb' => 11]],
        ]))[1], true);

        self::assertSame(["a\nb" => 'accepted', 'c' => 'thin'], array_column($report['nodes'], 'verdict', 'id'));
        self::assertSame(
            ["a\nb" => ['hub'], 'c' => []],
            array_column($report['nodes'], 'possibleParentIds', 'id'),
            'what hangs below it is no parent',
        );
        self::assertSame([['a' => "a\nb", 'b' => 'c', 'marginDb' => 11.0]], $report['weakLinks']);
    }
}
