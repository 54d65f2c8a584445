<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Codes;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Codes\Dsk;
use Kavvel\Core\Codes\Flow;
use Kavvel\Core\Codes\InstallCode;
use Kavvel\Core\Codes\MatterPayload;
use Kavvel\Core\Codes\MatterQr;
use Kavvel\Core\Codes\Typed;
use Kavvel\Core\Codes\ZWaveBlocks;
use Kavvel\Core\Codes\ZWaveQr;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Codes that were made decode back, and one slip in a code with a check is always caught. */
final class MadeCodesTest extends TestCase
{
    use TestTrait;

    public function test_a_matter_code_comes_back_in_all_three_forms(): void
    {
        $this->forAll(
            Generators::choose(0, 0xFFFF),
            Generators::choose(0, 0xFFFF),
            Generators::elements(Flow::cases()),
            Generators::choose(0, 31),
            Generators::choose(0, 0xFFF),
            Generators::choose(1, 99_999_998),
        )->when(static fn (int $v, int $p, Flow $f, int $d, int $n, int $passcode): bool => self::isAllowed($passcode))
            ->then(static function (int $vendor, int $product, Flow $flow, int $discovery, int $discriminator, int $passcode): void {
                $code = MatterQr::of(MatterPayload::of($vendor, $product, $flow, $discovery, $discriminator, $passcode));
                $read = Codes::read($code->spelling())[0]->fields();

                self::assertSame($code->fields(), $read);
                self::assertSame([$vendor, $product, $discriminator, $passcode], [
                    $read['vendorId'], $read['productId'], $read['discriminator'], $read['passcode'],
                ]);
                self::assertSame(
                    ['shortDiscriminator' => $discriminator >> 8, 'passcode' => $passcode, 'vendorId' => null, 'productId' => null],
                    Codes::read($code->manual()->shown())[0]->fields(),
                );
                self::assertSame(
                    ['shortDiscriminator' => $discriminator >> 8, 'passcode' => $passcode, 'vendorId' => $vendor, 'productId' => $product],
                    Codes::read($code->manualWithIds()->shown())[0]->fields(),
                );
            });
    }

    public function test_an_install_code_comes_back(): void
    {
        $this->forAll(
            Generators::elements(6, 8, 12, 16),
            Generators::choose(0, PHP_INT_MAX),
        )->then(static function (int $many, int $seed): void {
            $bytes = substr(hash('sha256', (string) $seed, true), 0, $many);
            $code = InstallCode::ofBytes($bytes);

            self::assertSame($code->fields(), Codes::read($code->shown())[0]->fields());
            self::assertSame(strtoupper(bin2hex($bytes)), $code->fields()['code']);
        });
    }

    public function test_a_z_wave_code_comes_back(): void
    {
        $this->forAll(
            Generators::choose(0, 1),
            Generators::choose(0, 255),
            Generators::choose(0, PHP_INT_MAX),
            Generators::choose(0, 65_535),
        )->then(static function (int $version, int $keys, int $seed, int $product): void {
            $dsk = self::dsk($seed);
            $code = ZWaveQr::of($version, $keys, $dsk, ZWaveBlocks::ofProduct(634, 4, $product, 533, 1793, 3072));
            $read = Codes::read($code->spelling())[0]->fields();

            self::assertSame([$version, $dsk->shown(), $dsk->pin(), $product], [
                $read['version'], $read['dsk'], $read['pin'], $read['productId'],
            ]);
            self::assertSame($code->spelling(), Codes::read($code->spelling())[0]->spelling());
            self::assertSame($dsk->fields(), Codes::read($dsk->shown())[0]->fields());
        });
    }

    /** Every slip of one character, and every swap of neighbours: none passes as the same kind with a check that holds. */
    #[DataProvider('checked')]
    public function test_one_slip_is_caught(Code $code, string $alphabet): void
    {
        $right = $code->spelling();
        for ($at = 0; $at < strlen($right); $at++) {
            foreach (str_split($alphabet) as $character) {
                self::assertCaught($right, substr_replace($right, $character, $at, 1), $code);
            }
            if ($at > 0) {
                self::assertCaught($right, substr_replace($right, $right[$at].$right[$at - 1], $at - 1, 2), $code);
            }
        }
    }

    /** @return iterable<string, array{Code, string}> */
    public static function checked(): iterable
    {
        $matter = MatterQr::of(MatterPayload::of(0xFFF1, 0x8000, Flow::Standard, 2, 3840, 20_202_021));
        yield 'a manual code' => [$matter->manual(), '0123456789'];
        yield 'a manual code with ids' => [$matter->manualWithIds(), '0123456789'];
        yield 'a long install code' => [InstallCode::ofBytes(hash('md5', 'long', true)), '0123456789ABCDEF'];
        yield 'a shorter install code' => [InstallCode::ofBytes(substr(hash('md5', 'short', true), 0, 12)), '0123456789ABCDEF'];
    }

    public function test_one_slip_in_a_z_wave_code_is_caught_and_mended(): void
    {
        $right = ZWaveQr::of(1, 131, self::dsk(7), ZWaveBlocks::ofProduct(634, 4, 256, 533, 1793, 3072))->spelling();
        $mended = 0;
        for ($at = 4; $at < strlen($right); $at++) {
            $slip = substr_replace($right, (string) (((int) $right[$at] + 1) % 10), $at, 1);
            try {
                Codes::read($slip);
                self::fail("A slip at {$at} was not caught.");
            } catch (CodeRefused $refused) {
                self::assertSame('bad-checksum', $refused->reason);
                self::assertContains($refused->meant(), [null, $right]);
                $mended += (int) ($refused->meant() === $right);
            }
        }

        self::assertGreaterThan(0.9 * (strlen($right) - 4), $mended);
    }

    private static function assertCaught(string $right, string $slip, Code $code): void
    {
        if ($slip === $right) {
            return;
        }
        try {
            Codes::read($slip, $code->kind());
        } catch (CodeRefused $refused) {
            $meant = $refused->meant();
            self::assertContains($meant === null ? null : Typed::plain($meant)->code, [null, $right]);

            return;
        }
        self::fail("“{$slip}” was not caught.");
    }

    private static function dsk(int $seed): Dsk
    {
        $groups = array_map(static fn (string $hex): string => sprintf('%05d', hexdec($hex)), str_split(hash('md5', (string) $seed), 4));

        return Dsk::read(Typed::plain(implode('', $groups)));
    }

    private static function isAllowed(int $passcode): bool
    {
        $digits = sprintf('%08d', $passcode);

        return $digits !== str_repeat($digits[0], 8) && ! in_array($passcode, [12_345_678, 87_654_321], true);
    }
}
