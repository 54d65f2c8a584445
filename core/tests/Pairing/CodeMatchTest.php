<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Codes\Flow;
use Kavvel\Core\Codes\InstallCode;
use Kavvel\Core\Codes\MatterPayload;
use Kavvel\Core\Codes\MatterQr;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\CodeMatch;
use Kavvel\Core\Pairing\CodeNeed;
use PHPUnit\Framework\TestCase;

final class CodeMatchTest extends TestCase
{
    public function test_a_code_finds_the_one_device_of_its_product(): void
    {
        $slots = ['plug' => $this->matter(1), 'lamp' => $this->matter(2), 'blind' => $this->matter(null)];

        self::assertSame('lamp', CodeMatch::sole($this->code(2), $slots));
        self::assertSame(['lamp'], CodeMatch::slots($this->code(2), $slots));
        self::assertSame(['blind'], CodeMatch::slots($this->code(9), $slots), 'only what says no ids may be it');
        self::assertNull(CodeMatch::sole($this->code(9), $slots), 'nobody has said that it is');
    }

    public function test_two_alike_are_not_told_apart(): void
    {
        $slots = ['one' => $this->matter(1), 'two' => $this->matter(1)];

        self::assertNull(CodeMatch::sole($this->code(1), $slots));
        self::assertSame(['one', 'two'], CodeMatch::slots($this->code(1), $slots));
    }

    public function test_a_code_without_a_product_finds_nobody_by_itself(): void
    {
        $manual = Codes::read($this->code(1)->manual()->spelling())[0];

        self::assertNull(CodeMatch::sole($manual, ['plug' => $this->matter(1)]));
        self::assertSame(['plug', 'lamp'], CodeMatch::slots($manual, ['plug' => $this->matter(1), 'lamp' => $this->matter(2)]));
    }

    public function test_what_does_not_join_without_comes_first(): void
    {
        $code = InstallCode::ofBytes(hash('md5', 'x', true));
        $slots = ['valve' => $this->zigbee(false), 'smoke' => $this->zigbee(true), 'plain' => $this->profile(['protocol' => 'zigbee'])];

        self::assertSame(['smoke', 'valve'], CodeMatch::slots($code, $slots));
    }

    public function test_what_speaks_against_a_code(): void
    {
        $says = static fn (Profile $profile, Code $code): string => (string) CodeMatch::objection($profile, $code);

        self::assertStringContainsString('has no code to join with', $says($this->profile([]), $this->code(1)));
        self::assertStringContainsString('carries a Matter code; this is a Zigbee install code', $says(
            $this->matter(1),
            InstallCode::ofBytes(hash('md5', 'x', true)),
        ));
        self::assertStringContainsString('vendor 65521, product 2', $says($this->matter(1), $this->code(2)));
        $address = Codes::read('02A7C3FFFF123456')[0];
        self::assertStringContainsString('no code that a device is let in with', $says($this->matter(1), $address));
        self::assertSame('', $says($this->matter(1), $this->code(1)));
    }

    public function test_whether_a_device_waits_for_its_code(): void
    {
        $needed = $this->matter(1)->codeSheet;
        $optional = $this->zigbee(false)->codeSheet;

        self::assertSame(CodeNeed::None, CodeNeed::of(null, true, true));
        self::assertSame(CodeNeed::Here, CodeNeed::of($needed, true, true));
        self::assertSame(CodeNeed::Stale, CodeNeed::of($optional, false, true));
        self::assertSame(CodeNeed::Missing, CodeNeed::of($needed, false, false));
        self::assertSame(CodeNeed::Optional, CodeNeed::of($optional, false, false));
        self::assertSame(
            [CodeNeed::Missing, CodeNeed::Stale],
            array_values(array_filter(CodeNeed::cases(), static fn (CodeNeed $need): bool => $need->isFirst())),
        );
        self::assertTrue(CodeNeed::Here->isHere());
        self::assertFalse(CodeNeed::Stale->isHere());
    }

    private function code(int $product): MatterQr
    {
        return MatterQr::of(MatterPayload::of(65_521, $product, Flow::Standard, 2, 100 + $product, 20_202_021));
    }

    private function matter(?int $product): Profile
    {
        $ids = $product === null ? [] : ['ids' => ['vendor' => 65_521, 'product' => $product]];

        return $this->profile(['code' => ['family' => 'matter'] + $ids]);
    }

    private function zigbee(bool $isNeeded): Profile
    {
        return $this->profile(['protocol' => 'zigbee', 'code' => ['family' => 'zigbee', 'needed' => $isNeeded]]);
    }

    /** @param array<string, mixed> $more */
    private function profile(array $more): Profile
    {
        return Profile::fromInput(Input::of([
            ...['key' => 'x', 'name' => 'X', 'model' => 'X', 'protocol' => 'matter', 'role' => 'end', 'power' => 'mains'], ...$more,
            'capabilities' => ['on-off'],
        ]));
    }
}
