<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Codes;

use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\CodeKind;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Codes\Discovery;
use Kavvel\Core\Codes\Dsk;
use Kavvel\Core\Codes\Flow;
use Kavvel\Core\Codes\MatterPayload;
use Kavvel\Core\Codes\MatterQr;
use Kavvel\Core\Codes\PastedSecret;
use Kavvel\Core\Codes\ProductIds;
use Kavvel\Core\Codes\Typed;
use Kavvel\Core\Codes\ZWaveBlocks;
use Kavvel\Core\Codes\ZWaveKeys;
use Kavvel\Core\Codes\ZWaveQr;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a code is made of, piece by piece. */
final class PartsTest extends TestCase
{
    private const DSK = '1234554321543215432154321543215432100007';

    /** @param list<string> $keys */
    #[DataProvider('keys')]
    public function test_each_key_has_its_bit(int $bits, array $keys, bool $hasUnknown): void
    {
        self::assertSame($keys, array_column(ZWaveKeys::ofBits($bits), 'value'));
        self::assertSame($hasUnknown, ZWaveKeys::hasUnknown($bits));
    }

    /** @return iterable<array{int, list<string>, bool}> */
    public static function keys(): iterable
    {
        yield [0, [], false];
        yield [1, ['s2-unauthenticated'], false];
        yield [2, ['s2-authenticated'], false];
        yield [4, ['s2-access-control'], false];
        yield [128, ['s0'], false];
        yield [135, ['s2-unauthenticated', 's2-authenticated', 's2-access-control', 's0'], false];
        yield [8, [], true];
    }

    public function test_each_way_to_be_found_has_its_bit(): void
    {
        foreach ([1 => 'soft-ap', 2 => 'ble', 4 => 'on-network', 8 => 'wifi-paf', 16 => 'nfc'] as $bit => $word) {
            self::assertSame([$word], array_column(Discovery::ofBits($bit), 'value'));
            self::assertFalse(Discovery::hasUnknown($bit));
        }
        self::assertTrue(Discovery::hasUnknown(32));
        self::assertFalse(Discovery::hasUnknown(31));
    }

    #[DataProvider('blocks')]
    public function test_blocks_of_a_z_wave_code(string $blocks, ?string $reason, string $at): void
    {
        try {
            $code = ZWaveQr::of(1, 1, Dsk::read(Typed::plain(self::DSK)), $blocks);
            self::assertNull($reason);
            self::assertStringContainsString($at, implode(' ', $code->warnings()));
        } catch (CodeRefused $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    /** @return iterable<string, array{string, string|null, string}> */
    public static function blocks(): iterable
    {
        yield 'none' => ['', null, ''];
        yield 'an unknown one that may be passed over' => ['2002'.'12', null, 'something more'];
        yield 'an unknown one that must be understood' => ['2102'.'12', 'unsupported-version', 'characters 53 to 54'];
        yield 'a known one that is critical' => ['0302'.str_repeat('1', 2), 'bad-length', 'character 56'];
        yield 'one twice' => ['0802'.'12'.'0802'.'12', 'out-of-range', 'characters 59 to 60'];
        yield 'a product of a wrong length' => ['0205'.'12345', 'bad-length', 'character 56'];
        yield 'a group too large' => ['0010'.'00001'.'65536', 'out-of-range', 'characters 62 to 66'];
        yield 'cut off in its head' => ['000', 'bad-length', 'character 56'];
        yield 'cut off in its data' => ['0010'.'00001', 'bad-length', 'character 62'];
    }

    public function test_a_product_is_named_only_where_a_code_says_it_whole(): void
    {
        $product = static fn (string $blocks): ?ProductIds => ZWaveQr::of(1, 1, Dsk::read(Typed::plain(self::DSK)), $blocks)->product();

        self::assertNull($product(''));
        self::assertNull($product('0010'.'00001'.'00002'));
        $whole = $product(ZWaveBlocks::ofProduct(634, 4, 256, 1, 2, 3));
        self::assertSame([[634, 4, 256], 'manufacturer 634, type 4, product 256'], [$whole?->numbers(), $whole?->words()]);
    }

    public function test_ids_are_equal_only_within_a_family(): void
    {
        $zwave = ProductIds::zwave(1, 2, 3);

        self::assertTrue($zwave->equals(ProductIds::zwave(1, 2, 3)));
        self::assertFalse($zwave->equals(ProductIds::zwave(1, 2, 4)));
        self::assertFalse(ProductIds::matter(1, 2)->equals($zwave));
        self::assertNull(ProductIds::fromInput(CodeFamily::Zigbee, Input::of([])));
        self::assertSame([7, 9], ProductIds::fromInput(CodeFamily::Matter, Input::of(['vendor' => 7, 'product' => 9]))?->numbers());
    }

    /** @param list<string> $warnings parts of them */
    #[DataProvider('payloads')]
    public function test_what_a_matter_code_warns_of(MatterPayload $payload, array $warnings): void
    {
        $said = MatterQr::of($payload)->warnings();

        self::assertCount(count($warnings), $said);
        foreach ($warnings as $number => $part) {
            self::assertStringContainsString($part, $said[$number]);
        }
    }

    /** @return iterable<string, array{MatterPayload, list<string>}> */
    public static function payloads(): iterable
    {
        $of = static fn (int $vendor, Flow $flow, int $discovery, string $more = ''): MatterPayload => MatterPayload::of(
            $vendor,
            1,
            $flow,
            $discovery,
            1,
            20_202_021,
            $more,
        );
        yield 'nothing' => [$of(1, Flow::Standard, 2), []];
        yield 'the first test vendor' => [$of(0xFFF1, Flow::Standard, 2), ['tests']];
        yield 'the last test vendor' => [$of(0xFFF4, Flow::Standard, 2), ['tests']];
        yield 'before them' => [$of(0xFFF0, Flow::Standard, 2), []];
        yield 'after them' => [$of(0xFFF5, Flow::Standard, 2), []];
        yield 'a press' => [$of(1, Flow::UserIntent, 2), ['press its button first']];
        yield 'a step of its maker' => [$of(1, Flow::Custom, 2), ['look at its sheet']];
        yield 'a withdrawn way' => [$of(1, Flow::Standard, 1), ['withdrawn']];
        yield 'no way' => [$of(1, Flow::Standard, 0), ['how it can be found']];
        yield 'an unknown way' => [$of(1, Flow::Standard, 34), ['does not know']];
        yield 'more that can be read' => [$of(1, Flow::Standard, 2, "\x15\x00\x18"), []];
        yield 'more that begins wrongly' => [$of(1, Flow::Standard, 2, "\x16\x00\x18"), ['can’t be read']];
        yield 'more that ends wrongly' => [$of(1, Flow::Standard, 2, "\x15\x00\x19"), ['can’t be read']];
    }

    /** @param array{int, int, int} $values vendor, product, discriminator */
    #[DataProvider('beyond')]
    public function test_what_a_matter_code_can_not_hold(array $values, string $at): void
    {
        [$vendor, $product, $discriminator] = $values;
        try {
            MatterPayload::of($vendor, $product, Flow::Standard, 2, $discriminator, 20_202_021);
            self::assertSame('', $at);
        } catch (CodeRefused $refused) {
            self::assertSame(['out-of-range', $at], [$refused->reason, $refused->at]);
        }
    }

    /** @return iterable<array{array{int, int, int}, string}> */
    public static function beyond(): iterable
    {
        yield [[0xFFFF, 0xFFFF, 0xFFF], ''];
        yield [[0, 0, 0], ''];
        yield [[0x10000, 0, 0], 'vendor id'];
        yield [[-1, 0, 0], 'vendor id'];
        yield [[0, 0x10000, 0], 'product id'];
        yield [[0, 0, 0x1000], 'discriminator'];
    }

    public function test_more_than_the_fixed_part_is_kept(): void
    {
        $code = MatterQr::of(MatterPayload::of(1, 1, Flow::Standard, 2, 1, 20_202_021, "\x15\x2C\x00\x01A\x18"));

        self::assertSame($code->spelling(), Codes::read($code->spelling())[0]->spelling());
        self::assertGreaterThan(22, strlen($code->spelling()));
    }

    #[DataProvider('shapes')]
    public function test_the_shape_decides_what_is_meant(string $text, string $reason, string $says): void
    {
        $this->expectException(CodeRefused::class);
        $this->expectExceptionMessageMatches("/{$says}/");
        try {
            Codes::read($text);
        } catch (CodeRefused $refused) {
            self::assertSame($reason, $refused->reason);
            throw $refused;
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function shapes(): iterable
    {
        yield 'two in three are digits' => ['12345678XYZ', 'bad-character', 'digits only'];
        yield 'fewer are' => ['1234567WXYZ', 'unknown-format', 'shape'];
        yield '12 hex digits' => ['ABCDEF123456', 'bad-length', 'install code'];
        yield '11 hex digits' => ['ABCDEFABCDE', 'unknown-format', 'shape'];
        yield 'a sixth is no hex digit' => ['ABCDEF12345GHI6A', 'unknown-format', 'shape'];
        yield 'less than that' => ['ABCDEF123456GH6A', 'bad-character', 'A to F'];
        yield '13 digits' => ['1234567890123', 'bad-length', '11 digits, or 21'];
        yield '14 digits' => ['12345678901234', 'bad-length', 'install code'];
        yield '42 digits' => [str_repeat('1', 42), 'bad-length', 'DSK'];
        yield '39 hex digits' => ['ABCDEF'.str_repeat('1', 33), 'bad-length', 'even number'];
    }

    public function test_a_key_of_four_characters_is_one_and_of_three_is_none(): void
    {
        self::assertSame('1234', PastedSecret::in('{"pin": "1234"}')[0]->secret);
        self::assertSame([], PastedSecret::in('{"pin": "123"}'));
        self::assertSame([], PastedSecret::in("pin: 123\nname: x")[0]->of ?? []);
        self::assertSame('abcd', PastedSecret::in('x [{"key":"abcd"}] y')[0]->secret);
    }

    public function test_every_kind_that_lets_a_device_in_has_a_family(): void
    {
        $families = [];
        foreach (CodeKind::cases() as $kind) {
            $families[$kind->value] = CodeFamily::of($kind)?->value;
            self::assertNotSame('', $kind->title());
        }

        self::assertSame([
            'matter-qr' => 'matter', 'matter-manual' => 'matter', 'zwave-qr' => 'zwave', 'zwave-dsk' => 'zwave',
            'zigbee-install-code' => 'zigbee', 'thread-dataset' => null, 'eui64' => null,
        ], $families);
        foreach (CodeFamily::cases() as $family) {
            self::assertNotSame('', $family->words().$family->looks());
        }
    }

    public function test_all_codes_of_one_device_have_one_identity(): void
    {
        $matter = MatterQr::of(MatterPayload::of(1, 2, Flow::Standard, 2, 3840, 20_202_021));
        $zwave = ZWaveQr::of(1, 1, Dsk::read(Typed::plain(self::DSK)));

        self::assertSame($matter->identity(), $matter->manual()->identity());
        self::assertSame($matter->identity(), $matter->manualWithIds()->identity());
        self::assertSame($zwave->identity(), $zwave->dsk->identity());
        self::assertSame([1, 2], $matter->product()->numbers());
        self::assertSame([1, 2], $matter->manualWithIds()->product()?->numbers());
        self::assertNull($matter->manual()->product());
        self::assertNull($zwave->dsk->product());
        self::assertSame('03A7C3FFFF123456', Codes::read('03A7C3FFFF123456')[0]->identity());
    }
}
