<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\JobFile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a job file tells of a wired bus, and of the keys that senders are taught. */
final class TaughtAndBusTest extends TestCase
{
    use RefusesFiles;

    /** @return iterable<string, array{list<array<string, mixed>>, string|null}> rows, and the path that is refused */
    public static function buses(): iterable
    {
        $row = static fn (string $address, string $point, ?string $slot = null): array => [
            'address' => $address, 'name' => "{$point} {$address}", 'point' => $point, 'slot' => $slot,
        ];
        yield 'none' => [[], null];
        yield 'two points' => [[$row('1/2/3', 'Den', 'A'), $row('1/2/4', 'Den', 'A'), $row('5', 'Hall', 'B')], null];
        yield 'points without a device' => [[$row('1/2/3', 'Den'), $row('1/2/4', 'Den'), $row('5', 'Hall')], null];
        yield 'no address' => [[$row('1/2/3', 'Den'), $row('1/8/4', 'Den')], '$.busAddresses[1].address'];
        yield 'the address for all' => [[$row('0', 'Den')], '$.busAddresses[0].address'];
        yield 'one address in two writings' => [[$row('1/2/3', 'Den'), $row('1/515', 'Hall')], '$.busAddresses[1].address'];
        yield 'no such device' => [[$row('1/2/3', 'Den', 'nowhere')], '$.busAddresses[0].slot'];
        yield 'a device at two points' => [[$row('1/2/3', 'Den', 'A'), $row('5', 'Hall', 'A')], '$.busAddresses[1].slot'];
        yield 'a point of two devices' => [[$row('1/2/3', 'Den', 'A'), $row('5', 'Den', 'B')], '$.busAddresses[1].slot'];
        yield 'a point in two spellings' => [[$row('1/2/3', 'Den', 'A'), $row('5', 'den', 'A')], null];
        yield 'two devices in two spellings' => [[$row('1/2/3', 'Den', 'A'), $row('5', 'DEN', 'B')], '$.busAddresses[1].slot'];
        yield 'a point half without' => [[$row('1/2/3', 'Den', 'A'), $row('5', 'Den')], '$.busAddresses[1].slot'];
        yield 'an unknown function' => [[[...$row('1/2/3', 'Den'), 'function' => 'dance']], '$.busAddresses[0].function'];
        $heard = static fn (array $heard): array => [[...$row('1/2/3', 'Den'), 'heard' => $heard]];
        $said = ['value' => 'on', 'from' => '1.1.4', 'at' => '2026-01-02T03:04:05.678Z', 'until' => '2026-01-02T03:14:05Z'];
        yield 'what was heard' => [$heard($said), null];
        yield 'said by the hub, and listened to no longer' => [$heard(['from' => null, 'until' => null] + $said), null];
        yield 'heard when' => [$heard(['value' => 'on']), '$.busAddresses[0].heard.at'];
        yield 'heard on no day' => [$heard(['at' => '2026-02-30T03:04:05Z'] + $said), '$.busAddresses[0].heard.at'];
        yield 'listened to until' => [$heard(['until' => 'later'] + $said), '$.busAddresses[0].heard.until'];
        yield 'heard what' => [$heard(['value' => str_repeat('x', 201)] + $said), '$.busAddresses[0].heard.value'];
        yield 'said by nobody in particular' => [$heard(['from' => str_repeat('1', 41)] + $said), '$.busAddresses[0].heard.from'];
        yield 'a known function' => [[[...$row('1/2/3', 'Den'), 'function' => 'position-status']], null];
    }

    /** @param list<array<string, mixed>> $rows */
    #[DataProvider('buses')]
    public function test_the_addresses_of_a_bus(array $rows, ?string $refused): void
    {
        $data = self::house('hollin-barn');
        $slots = ['A' => $data['slots'][0]['key'], 'B' => $data['slots'][1]['key']];
        $data['busAddresses'] = array_map(static fn (array $row): array => [
            ...$row, 'slot' => $slots[$row['slot'] ?? ''] ?? $row['slot'],
        ], $rows);

        self::assertSame($refused, self::refusal($data));
    }

    public function test_a_file_may_leave_the_bus_out(): void
    {
        self::assertArrayNotHasKey('busAddresses', self::house('hollin-barn'));
        self::assertNull(self::refusal(self::house('hollin-barn')));
    }

    /** @return iterable<string, array{array<string, mixed>, string|null}> */
    public static function keys(): iterable
    {
        $key = ['name' => 'on', 'toggles' => true, 'learnt' => false];
        yield 'wanted' => [['keys' => [$key]], null];
        yield 'tried' => [['school' => 'preset-first', 'keys' => [[...$key, 'works' => false], [...$key, 'name' => 'off']]], null];
        yield 'a school alone' => [['school' => 'learn-all', 'keys' => []], null];
        yield 'another school' => [['school' => 'by-heart', 'keys' => []], '.school'];
        yield 'no keys' => [['school' => null], '.keys'];
        yield 'one twice' => [['keys' => [$key, $key]], '.keys[1].name'];
        yield 'toggles what' => [['keys' => [[...$key, 'toggles' => 'yes']]], '.keys[0].toggles'];
        yield 'learnt or not' => [['keys' => [['name' => 'on', 'toggles' => true]]], '.keys[0].learnt'];
        yield 'works how' => [['keys' => [[...$key, 'works' => 1]]], '.keys[0].works'];
    }

    /** @param array<string, mixed> $taught */
    #[DataProvider('keys')]
    public function test_the_keys_of_a_sender(array $taught, ?string $refused): void
    {
        $data = self::house('hollin-barn');
        $data['slots'][1]['taught'] = $taught;

        self::assertSame($refused === null ? null : "$.slots[1].taught{$refused}", self::refusal($data));
    }
}
