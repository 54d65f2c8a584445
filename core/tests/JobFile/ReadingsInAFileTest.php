<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\JobFile;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a job file tells of readings of its radios, and of what was tried on them. */
final class ReadingsInAFileTest extends TestCase
{
    /** @param array<string, mixed> $more */
    #[DataProvider('files')]
    public function test_a_reading_that_could_not_be_judged_is_refused_where_it_stands(array $more, ?string $at): void
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/lantern-house.json'), true);
        try {
            JobFile::parse((string) json_encode([...$file, ...$more]));
            self::assertNull($at);
        } catch (InvalidInput $refused) {
            self::assertSame($at, $refused->at);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string|null}> */
    public static function files(): iterable
    {
        $link = static fn (string $a, string $b): array => ['a' => $a, 'b' => $b, 'marginDb' => 9, 'marginBackDb' => null];
        $reading = static fn (array $links, string $protocol = 'wifi'): array => ['meshReadings' => [[
            'gateway' => 'hub', 'protocol' => $protocol, 'askedAt' => '2026-11-20T09:30:00Z', 'endedAt' => null, 'members' => null,
            'asleep' => ['7'], 'links' => $links,
        ]]];
        yield 'two links' => [$reading([$link('gateway', '7'), $link('gateway', '8')]), null];
        yield 'light' => [$reading([], 'ir'), '$.meshReadings[0].protocol'];
        yield 'a link to itself' => [$reading([$link('7', '7')]), '$.meshReadings[0].links[0]'];
        yield 'a link twice' => [$reading([$link('gateway', '7'), $link('7', 'gateway')]), '$.meshReadings[0].links[1]'];
        $kept = ['key' => 'a', 'protocol' => 'zigbee', 'changes' => 'off:signal-plug', 'by' => 'Mara', 'at' => '2026-11-20T09:30:00Z'];
        $promised = ['promised' => ['accepted' => 3, 'thin' => 0, 'lost' => 0], 'workedAt' => '2026-11-21T09:30:00Z'];
        yield 'a proposal' => [['meshProposals' => [$kept]], null];
        yield 'two of them' => [['meshProposals' => [$kept + $promised, ['key' => 'b', 'protocol' => 'thread'] + $kept]], null];
        yield 'none' => [['meshProposals' => []], null];
        yield 'a key twice' => [['meshProposals' => [$kept, ['protocol' => 'thread'] + $kept]], '$.meshProposals[1].key'];
        yield 'one twice' => [['meshProposals' => [$kept, ['key' => 'b'] + $kept]], '$.meshProposals[1].changes'];
        yield 'of no mesh' => [['meshProposals' => [['protocol' => 'wifi'] + $kept]], '$.meshProposals[0].protocol'];
        yield 'promised what' => [['meshProposals' => [$kept + ['promised' => ['lost' => 1]]]], '$.meshProposals[0].promised.accepted'];
    }
}
