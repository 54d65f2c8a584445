<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Fit;

use Kavvel\Core\Cli\CommandLine;
use Kavvel\Core\Fit\Isolation;
use Kavvel\Core\Fit\IsolationGap;
use Kavvel\Core\Fit\IsolationState;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class IsolationTest extends TestCase
{
    private const SOUND = [
        'conductors' => ['L', 'N', 'E'], 'detectorBefore' => 'works', 'live' => ['volts' => 231], 'off' => true, 'locked' => true,
        'tagged' => true, 'detectorAfter' => 'works',
        'dead' => [
            ['between' => ['L', 'N'], 'volts' => 0], ['between' => ['E', 'L'], 'volts' => 0], ['between' => ['N', 'E'], 'volts' => 0],
        ],
    ];

    /**
     * @param  array<string, mixed>  $other
     * @param  list<string>  $gaps
     * @param  list<array{string, string}>  $missing
     */
    #[DataProvider('records')]
    public function test_a_record_shows_what_it_shows(array $other, IsolationState $state, array $gaps, array $missing = []): void
    {
        $isolation = Isolation::fromInput(Input::of([...self::SOUND, ...$other]));

        self::assertSame($gaps, array_map(static fn (IsolationGap $gap): string => $gap->value, $isolation->gaps()));
        self::assertSame($state, $isolation->state());
        self::assertSame($missing, $isolation->missing());
    }

    /** @return array<string, array{0: array<string, mixed>, 1: IsolationState, 2: list<string>, 3?: list<array{string, string}>}> */
    public static function records(): array
    {
        $not = IsolationState::NotProved;
        [$first, , $last] = self::SOUND['dead'];
        $reads = static fn (float $volts): array => ['dead' => [$first, ['between' => ['L', 'E'], 'volts' => $volts], $last]];

        return [
            'all of it' => [[], IsolationState::ProvedDead, []],
            'the detector not tried before' => [['detectorBefore' => 'not-tried'], $not, ['detector-before']],
            'a detector that fails before' => [['detectorBefore' => 'fails'], $not, ['detector-before']],
            'not read live' => [['live' => null], $not, ['live-reading']],
            'read live too low' => [['live' => ['volts' => 49.9]], $not, ['live-reading']],
            'read live just high enough' => [['live' => ['volts' => 50]], IsolationState::ProvedDead, []],
            'on' => [['off' => false], $not, ['off']],
            'no lock' => [['locked' => false], $not, ['locked']],
            'no tag' => [['tagged' => false], $not, ['tagged']],
            'a pair that nobody measured' => [['dead' => [$first]], $not, ['readings'], [['L', 'E'], ['N', 'E']]],
            '24 V' => [$reads(24), $not, ['indication']],
            'a breath of a volt' => [$reads(0.1), $not, ['indication']],
            'just live' => [$reads(50), IsolationState::Live, ['live']],
            'live weighs more than what is missing' => [
                [...$reads(230), 'detectorAfter' => 'fails', 'tagged' => false], IsolationState::Live, ['tagged', 'live', 'detector-after'],
            ],
            'the detector not proved again' => [['detectorAfter' => 'not-tried'], $not, ['detector-after']],
        ];
    }

    /** @param array<string, mixed> $other */
    #[DataProvider('unusable')]
    public function test_what_can_not_be_used_is_said_with_its_place(array $other, string $code, string $at): void
    {
        [$exit, $json] = CommandLine::answer('isolation', (string) json_encode([...self::SOUND, ...$other]));

        self::assertSame(2, $exit);
        self::assertSame([$code, $at], [json_decode($json, true)['error']['code'], json_decode($json, true)['error']['at']]);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function unusable(): array
    {
        $dead = static fn (array $between, float $volts = 0): array => ['dead' => [['between' => $between, 'volts' => $volts]]];

        return [
            'one conductor' => [['conductors' => ['L'], 'dead' => []], 'out-of-range', '$.conductors'],
            'a conductor twice' => [['conductors' => ['L', 'L'], 'dead' => []], 'duplicate-id', '$.conductors[1]'],
            'too many' => [['conductors' => array_map(strval(...), range(0, 200)), 'dead' => []], 'too-large', '$.conductors'],
            'a stranger' => [$dead(['L', 'T']), 'unknown-id', '$.dead[0].between[1]'],
            'to itself' => [$dead(['L', 'L']), 'out-of-range', '$.dead[0].between[1]'],
            'below nothing' => [$dead(['L', 'N'], -1), 'out-of-range', '$.dead[0].volts'],
            'a pair twice' => [
                ['dead' => [...self::SOUND['dead'], ['between' => ['N', 'L'], 'volts' => 0]]], 'duplicate-id', '$.dead[3].between',
            ],
            'a detector that guesses' => [['detectorAfter' => 'maybe'], 'unknown-value', '$.detectorAfter'],
            'no answer about the lock' => [['locked' => null], 'bad-type', '$.locked'],
        ];
    }

    public function test_the_verb_answers(): void
    {
        [$exit, $json] = CommandLine::answer('isolation', (string) json_encode([...self::SOUND, 'dead' => [], 'detectorAfter' => 'fails']));

        self::assertSame(0, $exit);
        self::assertSame([
            'state' => 'not-proved', 'missing' => [['L', 'N'], ['L', 'E'], ['N', 'E']], 'findings' => ['readings', 'detector-after'],
        ], json_decode($json, true));
    }
}
