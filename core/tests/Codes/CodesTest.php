<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Codes;

use Kavvel\Core\Codes\CodeKind;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CodesTest extends TestCase
{
    private const DSK = '12345-54321-54321-54321-54321-54321-54321-00007';

    private const ZWAVE = '900106335131123455432154321543215432154321543215432100100179303072022000634000040025600533040240080213';

    /** @param array<string, mixed> $fields */
    #[DataProvider('vectors')]
    public function test_it_reads_the_vectors(string $code, string $kind, array $fields): void
    {
        [$read] = Codes::read($code);

        self::assertSame($kind, $read->kind()->value);
        self::assertEquals($fields, array_intersect_key($read->fields(), $fields));
        self::assertSame($read->fields(), Codes::read($read->spelling())[0]->fields());
        self::assertSame($read->fields(), Codes::read($code, CodeKind::from($kind))[0]->fields());
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function vectors(): iterable
    {
        $file = (string) file_get_contents(__DIR__.'/../vectors/codes.json');
        /** @var array{valid: list<array{code: string, kind: string, fields: array<string, mixed>}>} $vectors */
        $vectors = json_decode($file, true, 16, JSON_THROW_ON_ERROR);
        foreach ($vectors['valid'] as ['code' => $code, 'kind' => $kind, 'fields' => $fields]) {
            yield $kind => [$code, $kind, $fields];
        }
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('examples')]
    public function test_it_reads_what_is_typed(string $code, string $kind, array $fields): void
    {
        [$read] = Codes::read($code);

        self::assertSame($kind, $read->kind()->value);
        self::assertSame($fields, array_intersect_key($read->fields(), $fields));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function examples(): iterable
    {
        yield 'a long manual code' => [
            ' 7497 0112 3365–5213 2768 7', 'matter-manual',
            ['shortDiscriminator' => 15, 'passcode' => 20202021, 'vendorId' => 65521, 'productId' => 32768],
        ];
        yield 'a QR code in small letters' => ['mt:y.k9042c00ka0648g00', 'matter-qr', ['discovery' => ['ble'], 'discriminator' => 3840]];
        yield 'a DSK' => [self::DSK, 'zwave-dsk', ['dsk' => self::DSK, 'pin' => '12345']];
        yield 'a Z-Wave QR code' => [self::ZWAVE, 'zwave-qr', [
            'version' => 1, 'keys' => ['s2-unauthenticated', 's2-authenticated', 's0'], 'pin' => '12345', 'deviceClass' => 1793,
            'installerIcon' => 3072, 'manufacturerId' => 634, 'productType' => 4, 'productId' => 256, 'applicationVersion' => 533,
        ]];
        yield 'a Z-Wave QR code without blocks' => ['9000154510001234554321543215432154321543215432154321', 'zwave-qr', [
            'version' => 0, 'keys' => [], 'deviceClass' => null, 'productId' => null,
        ]];
        yield 'an address' => ['02-a7-c3-ff:ff-12-34-56', 'eui64', ['eui64' => '02A7C3FFFF123456', 'local' => true]];
        yield 'an address of a group' => ['01A7C3FFFF123456', 'eui64', ['local' => false]];
        yield 'an address of a maker' => ['00A7C3FFFF123456', 'eui64', ['local' => false]];
        yield 'a short install code' => ['A7F0 8BBE 152F C4B1', 'zigbee-install-code', ['code' => 'A7F08BBE152F', 'crc' => 'C4B1']];
        yield 'a dataset with types unknown here' => [
            '000300000b'.'7702abcd'.'0708fd00000000000000', 'thread-dataset',
            ['channel' => 11, 'panId' => null, 'networkKeyPresent' => false, 'meshLocalPrefix' => 'fd00::/64', 'unknown' => [0x77]],
        ];
    }

    public function test_a_code_may_hold_several_payloads(): void
    {
        $codes = Codes::read('MT:Y.K9042C00KA0648G00*Y.K9042C00KA0648G00');

        self::assertCount(2, $codes);
        self::assertSame($codes[0]->fields(), $codes[1]->fields());
    }

    #[DataProvider('refused')]
    public function test_it_says_what_is_wrong_and_where(
        string $code,
        string $reason,
        string $at,
        string $says,
        ?string $meant = null,
    ): void {
        try {
            Codes::read($code);
            self::fail("{$code} was read.");
        } catch (CodeRefused $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
            self::assertStringContainsString($says, $refused->getMessage());
            self::assertSame($meant, $refused->meant());
        }
    }

    /** @return iterable<string, array{0: string, 1: string, 2: string, 3: string, 4?: string}> */
    public static function refused(): iterable
    {
        $zwave = self::ZWAVE;
        yield 'nothing' => ['  ', 'unknown-format', '$.code', 'no code'];
        yield 'a word' => ['facade', 'unknown-format', '$.code', 'shape of no code'];
        yield 'a letter for a digit' => ['3497-O11-2332', 'bad-character', 'character 6', 'digits only: did you mean 0?'];
        yield 'a letter that is like no digit' => ['3497X112332', 'bad-character', 'character 5', 'digits only.'];
        yield 'a letter for a digit in hex' => ['02A7C3FFFF12345O', 'bad-character', 'character 16', 'did you mean 0?'];
        yield 'a letter in a dataset' => ['000300000b0102123G'.str_repeat('0', 30), 'bad-character', 'character 18', 'did you mean 6?'];
        yield 'a sign in a QR code' => ['MT:Y.K90_2C00', 'bad-character', 'character 9', 'capital letters'];
        yield 'a letter with an accent' => ['MT:Y.KÉ042', 'bad-character', 'character 7', 'É'];
        yield 'a digit too few' => ['349701123', 'bad-length', 'character 10', 'has 9'];
        yield 'a digit too few of the long one' => ['74970112336552132768', 'bad-length', 'character 21', '11 digits, or 21'];
        yield 'a long code that is short' => ['54970112339', 'bad-length', 'character 12', 'has 21 digits'];
        yield 'a wrong digit' => ['3497-011-2333', 'bad-checksum', 'character 13', 'check digit'];
        yield 'a wrong digit with one way out' => ['54970112332', 'bad-checksum', 'character 11', '3497-011-2332', '3497-011-2332'];
        yield 'a later version' => ['80000000001', 'unsupported-version', 'character 1', 'later version'];
        yield 'a group too large' => ['39999912332', 'out-of-range', 'characters 2 to 6', '65535'];
        yield 'a QR code cut off' => ['MT:Y.K9042C00KA0648G', 'bad-length', 'character 21', 'cut off'];
        yield 'a QR code that is too short' => ['MT:Y.K9042C00KA06', 'bad-length', 'character 18', '19 characters'];
        yield 'one of two payloads missing' => ['MT:Y.K9042C00KA0648G00*', 'bad-length', 'character 1', '19 characters'];
        yield 'a group beyond its bytes' => ['MT:.....42C00KA0648G00', 'out-of-range', 'characters 4 to 8', 'a character is wrong'];
        yield 'a DSK with a digit too many' => [self::DSK.'1', 'bad-length', 'character 49', '40 digits'];
        yield 'a DSK group too large' => [
            '12345-54321-54321-54321-99999-54321-54321-00007', 'out-of-range', 'characters 25 to 29', 'Group 5',
        ];
        yield 'a QR code of digits cut off' => [substr($zwave, 0, 30), 'bad-length', 'character 31', '52 digits'];
        yield 'a wrong digit in it' => [substr_replace($zwave, '7', 20, 1), 'bad-checksum', 'characters 5 to 9', 'Only one slip', $zwave];
        yield 'swapped digits in it' => [
            substr_replace($zwave, $zwave[13].$zwave[12], 12, 2), 'bad-checksum', 'characters 5 to 9', 'Only one slip', $zwave,
        ];
        yield 'far too much of it' => ['90011234'.str_repeat('1', 9_000), 'bad-checksum', 'characters 5 to 9', 'two are swapped.'];
        yield 'a version of it to come' => ['9002'.substr($zwave, 4), 'unsupported-version', 'characters 3 to 4', '02'];
        yield 'an install code with a wrong digit' => [
            '83FED3407A939723A5C639B26916D505C3B6', 'bad-checksum', 'characters 33 to 36', 'Only one slip',
            '83FE D340 7A93 9723 A5C6 39B2 6916 D505 C3B5',
        ];
        yield 'an install code without its CRC' => ['83FED3407A939723A5C639B26916D505', 'bad-length', 'character 33', 'CRC of 4'];
        yield 'a dataset cut off' => ['0e080000000000010000000300000f35060004001fffe00208', 'bad-length', 'character 51', 'type 2'];
        yield 'a dataset with an odd number' => ['0e080000000000010000000300000f35060004001fffe0020', 'bad-length', 'character 50', 'even'];
    }

    #[DataProvider('forced')]
    public function test_it_reads_as_the_kind_that_was_asked_for(string $code, CodeKind $kind, string $reason, string $says): void
    {
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        try {
            Codes::read($code, $kind);
        } catch (CodeRefused $refused) {
            self::assertSame($reason, $refused->reason);
            throw $refused;
        }
    }

    /** @return iterable<string, array{string, CodeKind, string, string}> */
    public static function forced(): iterable
    {
        yield 'no QR code of Matter' => ['3497-011-2332', CodeKind::MatterQr, 'unknown-format', 'MT:'];
        yield 'no QR code of Z-Wave' => ['1234567890', CodeKind::ZWaveQr, 'unknown-format', '90'];
        yield 'no address' => ['02A7C3', CodeKind::Eui64, 'bad-length', '16 hex digits'];
        yield 'no install code' => ['02A7C3FFFF123456', CodeKind::ZigbeeInstallCode, 'bad-checksum', 'last four'];
        yield 'a dataset on no channel' => ['0003000002', CodeKind::ThreadDataset, 'out-of-range', 'channel 2 of page 0'];
        yield 'a dataset of another page' => ['000302000b', CodeKind::ThreadDataset, 'out-of-range', 'page 2'];
        yield 'a dataset of a wrong length' => ['010112', CodeKind::ThreadDataset, 'bad-length', 'Type 1'];
        yield 'a dataset with a prefix of others' => ['0708aa00000000000000', CodeKind::ThreadDataset, 'out-of-range', 'fd'];
        yield 'a dataset with a name too long' => ['0311'.str_repeat('41', 17), CodeKind::ThreadDataset, 'bad-length', '16 bytes'];
        yield 'a dataset with a name that is no text' => ['0302fffe', CodeKind::ThreadDataset, 'bad-character', 'name'];
        yield 'a dataset that says one thing twice' => ['01021234'.'01021234', CodeKind::ThreadDataset, 'out-of-range', 'twice'];
    }

    public function test_it_warns_before_a_code_is_used(): void
    {
        self::assertSame(
            [
                'It is for inclusion with a window open: it is on no list that lets it in by itself.',
                'It asks for no key: it joins without security.',
            ],
            Codes::read('9000154510001234554321543215432154321543215432154321')[0]->warnings(),
        );
        self::assertSame(['It is the address of a group, not of one device.'], Codes::read('03A7C3FFFF123456')[0]->warnings());
        self::assertSame(['It is a placeholder: no device has this address.'], Codes::read('0000000000000000')[0]->warnings());
        self::assertCount(3, Codes::read('01021234', CodeKind::ThreadDataset)[0]->warnings());
    }

    public function test_a_code_is_shown_in_groups(): void
    {
        self::assertSame('3497-011-2332', Codes::read('34970112332')[0]->shown());
        self::assertSame('7497-011-2336-55213-27687', Codes::read('749701123365521327687')[0]->shown());
        self::assertSame(self::DSK, Codes::read(str_replace('-', '', self::DSK))[0]->shown());
        self::assertSame('A7F0 8BBE 152F C4B1', Codes::read('A7F08BBE152FC4B1')[0]->shown());
        self::assertSame('02A7 C3FF FF12 3456', Codes::read('02A7C3FFFF123456')[0]->shown());
    }
}
