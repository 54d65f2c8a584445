<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Codes;

use Kavvel\Core\Codes\FoundSecret;
use Kavvel\Core\Codes\PastedSecret;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PastedSecretTest extends TestCase
{
    /** @param list<array{string, string, string|null}> $found secret, where, of what */
    #[DataProvider('pasted')]
    public function test_it_finds_the_secret(string $text, array $found): void
    {
        self::assertSame($found, array_map(
            static fn (FoundSecret $one): array => [$one->secret, $one->at, $one->of],
            PastedSecret::in($text),
        ));
    }

    /** @return iterable<string, array{string, list<array{string, string, string|null}>}> */
    public static function pasted(): iterable
    {
        yield 'the secret alone' => [" 8f2a91c4 \n", [['8f2a91c4', '', null]]];
        yield 'nothing' => ['  ', []];
        yield 'a reply' => [
            '{"success": true, "result": {"name": "Desk lamp", "id": "dl-1", "local_key": "8f2a91c4d0e7b365", "token": "aaaa-bbbb"}}',
            [['8f2a91c4d0e7b365', 'result.local_key', 'Desk lamp']],
        ];
        yield 'a reply with text around it' => [
            "reply:\n{\"localKey\":\"8f2a91c4\"}\nend", [['8f2a91c4', 'localKey', null]],
        ];
        yield 'several devices' => [
            '[{"name":"One","key":"aaaa1111"},{"id":"two","key":"bbbb2222"}]',
            [['aaaa1111', '[0].key', 'One'], ['bbbb2222', '[1].key', 'two']],
        ];
        yield 'a name above it' => [
            '{"device":{"name":"Lock","offline":{"lock_key":"12345678"}}}', [['12345678', 'device.offline.lock_key', 'Lock']],
        ];
        yield 'a number' => ['{"pin": 48213}', [['48213', 'pin', null]]];
        yield 'too short to be one' => ['{"key": "no"}', []];
        yield 'no secret in it' => ['{"name": "Desk lamp", "online": true}', []];
        yield 'a structure that is cut off' => ['{"local_key": "8f2a91c4', []];
        yield 'lines' => ["Address = 10.0.0.7\nPassword: harbour-17", [['harbour-17', 'Password', null]]];
    }
}
