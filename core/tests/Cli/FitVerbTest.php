<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FitVerbTest extends TestCase
{
    private const DEVICE = [
        'depthMm' => 38, 'gangs' => 1, 'neutral' => 'needed', 'leastLoadW' => ['neutral' => 0, 'noNeutral' => 10],
        'limitsW' => ['led' => 100, 'resistive' => 250, 'transformer' => 60], 'dimmer' => true, 'derating' => [1, 0.8, 0.7],
    ];

    private const CASE = [
        'device' => self::DEVICE, 'box' => ['depthMm' => 35, 'spacerMm' => 0], 'cables' => 2, 'ganged' => 1, 'neutral' => 'own',
        'loads' => [['kind' => 'led', 'watts' => 7, 'count' => 6, 'dimmable' => 'yes', 'connected' => false]],
    ];

    public function test_it_answers_with_numbers_and_findings(): void
    {
        [$exit, $json] = CommandLine::answer('fit', (string) json_encode(self::CASE));

        self::assertSame(0, $exit);
        self::assertEquals([
            'verdict' => 'fits-if', 'needDepthMm' => 48, 'haveDepthMm' => 35, 'loadW' => 42, 'share' => 0.42,
            'findings' => [[
                'code' => 'too-deep', 'severity' => 'condition', 'why' => 'It needs 48 mm with its connectors, the box has 35 mm.',
                'change' => 'A spacer of 13 mm, or a flatter device.',
            ]],
        ], json_decode($json, true));
    }

    public function test_what_is_left_out_is_the_usual(): void
    {
        $case = [
            'device' => ['depthMm' => 20, 'neutral' => 'either', 'limitsW' => ['led' => 30]], 'box' => ['depthMm' => 30], 'cables' => 0,
            'neutral' => 'none', 'loads' => [['kind' => 'led', 'watts' => 30]],
        ];
        [$exit, $json] = CommandLine::answer('fit', (string) json_encode($case));

        self::assertSame(0, $exit);
        self::assertSame(['fits', 1.0, []], [
            json_decode($json, true)['verdict'], (float) json_decode($json, true)['share'], json_decode($json, true)['findings'],
        ]);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('unusable')]
    public function test_what_can_not_be_used_is_said_with_its_place(array $change, string $code, string $at): void
    {
        [$exit, $json] = CommandLine::answer('fit', (string) json_encode(array_replace_recursive(self::CASE, $change)));

        self::assertSame(2, $exit);
        self::assertSame([$code, $at], [json_decode($json, true)['error']['code'], json_decode($json, true)['error']['at']]);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function unusable(): array
    {
        return [
            'a box of less than nothing' => [['box' => ['depthMm' => -1]], 'out-of-range', '$.box.depthMm'],
            'a neutral that is no answer' => [['neutral' => 'maybe'], 'unknown-value', '$.neutral'],
            'a device with half a gang' => [['device' => ['gangs' => 0]], 'out-of-range', '$.device.gangs'],
            'none side by side' => [['ganged' => 0], 'out-of-range', '$.ganged'],
            'fewer than no cables' => [['cables' => -1], 'out-of-range', '$.cables'],
            'a kind of load that is none' => [['loads' => [['kind' => 'laser']]], 'unknown-value', '$.loads[0].kind'],
            'fewer than no watts' => [['loads' => [['watts' => -7]]], 'out-of-range', '$.loads[0].watts'],
            'a share above all' => [['device' => ['derating' => [1.01]]], 'out-of-range', '$.device.derating[0]'],
            'a share of nothing' => [['device' => ['derating' => [0]]], 'out-of-range', '$.device.derating[0]'],
            'a limit below nothing' => [['device' => ['limitsW' => ['led' => -1]]], 'out-of-range', '$.device.limitsW.led'],
        ];
    }
}
