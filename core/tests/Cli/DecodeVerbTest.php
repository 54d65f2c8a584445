<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DecodeVerbTest extends TestCase
{
    public function test_one_code_has_fields(): void
    {
        self::assertSame([
            'kind' => 'matter-qr',
            'fields' => [
                'version' => 0, 'vendorId' => 4660, 'productId' => 7, 'flow' => 'user-intent', 'discovery' => ['soft-ap', 'on-network'],
                'discriminator' => 2591, 'passcode' => 34567890, 'manualCode' => '24680221090',
                'manualCodeFull' => '646802210904660000077',
            ],
            'warnings' => [
                'It waits for a press before it can be found: press its button first.',
                'It offers a network of its own to be found over: that way was withdrawn from the standard.',
            ],
        ], $this->answer(['code' => 'MT:GELT1A1C271LVH7SR00']));
    }

    public function test_the_last_passcode_is_read(): void
    {
        self::assertSame(99_999_998, $this->answer(['code' => '0084-466-1032'])['fields']['passcode']);
    }

    public function test_several_payloads_have_each_their_own(): void
    {
        $answer = $this->answer(['code' => 'MT:Y.K9042C00KA0648G00*Y.K9042C00KA0648G00']);

        self::assertArrayNotHasKey('fields', $answer);
        self::assertSame([20_202_021, 20_202_021], array_column($answer['payloads'], 'passcode'));
        self::assertCount(1, $answer['warnings']);
    }

    /** @param array<string, mixed> $input */
    #[DataProvider('refused')]
    public function test_what_can_not_be_used_is_said(array $input, string $code, string $at): void
    {
        [$exit, $json] = CommandLine::answer('decode', (string) json_encode((object) $input));
        $error = json_decode($json, true)['error'];

        self::assertSame([2, $code, $at], [$exit, $error['code'], $error['at']]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'no code' => [[], 'missing', '$.code'];
        yield 'a number' => [['code' => 34970112332], 'bad-type', '$.code'];
        yield 'a kind that is none' => [['code' => '34970112332', 'kind' => 'barcode'], 'unknown-value', '$.kind'];
        yield 'of another kind' => [['code' => '34970112332', 'kind' => 'zwave-dsk'], 'bad-length', 'character 12'];
        yield 'a passcode that everybody tries' => [['code' => '00852607537'], 'forbidden-passcode', 'passcode'];
        yield 'eight equal digits' => [['code' => '00275906787'], 'forbidden-passcode', 'passcode'];
        yield 'eight noughts' => [['code' => '00000000005'], 'forbidden-passcode', 'passcode'];
        yield 'eight nines' => [['code' => '00844761037'], 'forbidden-passcode', 'passcode'];
        yield 'a passcode beyond the last' => [['code' => '00844861030'], 'out-of-range', 'passcode'];
    }

    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private function answer(array $input): array
    {
        [$exit, $json] = CommandLine::answer('decode', (string) json_encode((object) $input));
        self::assertSame(0, $exit, $json);

        return json_decode($json, true);
    }
}
