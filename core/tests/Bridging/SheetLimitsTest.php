<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\EcosystemSheet;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\Support;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a sheet says where it says nothing, and how much of everything it may say. */
final class SheetLimitsTest extends TestCase
{
    private const BOX = ['key' => 'b', 'name' => 'B', 'accepts' => [], 'offers' => [['as' => 'driver']]];

    private const ECOSYSTEM = ['key' => 'e', 'name' => 'E', 'kind' => 'phone', 'accepts' => [], 'knows' => [], 'removal' => 'single'];

    public function test_a_box_of_which_little_is_said(): void
    {
        $box = BoxSheet::fromInput(Input::of(self::BOX));
        self::assertSame(
            [false, false, null, 0.0, 0.0, 0.0, null, Support::Maintained, '', '', [], [' driver' => []]],
            [$box->isHub, $box->isService, $box->release, $box->latencyMs, $box->cost, $box->yearlyCost, $box->mostDevices, $box->support,
                $box->whenMakerStops, $box->caution, $box->taking, $box->acts],
        );
        self::assertSame([false, [], null], [$box->offers[0]->isCloud, $box->offers[0]->drops, $box->offers[0]->release]);
    }

    public function test_an_ecosystem_of_which_little_is_said(): void
    {
        $one = EcosystemSheet::fromInput(Input::of(self::ECOSYSTEM));
        self::assertSame(
            [null, Removal::Single, '', false, null, null, false, false, '', []],
            [$one->release, $one->removal, $one->account, $one->needsInternet, $one->mostDevices, $one->nameLength, $one->addsRoom,
                $one->followsNames, $one->caution, $one->acts],
        );
        self::assertSame(['Kitchen', null, false], array_values((array) $one->platform('Kitchen')));
    }

    /** @return array<string, array{string, string, mixed, mixed}> of what, field, what is taken and what is not */
    public static function limits(): array
    {
        $text = static fn (int $most): array => [str_repeat('x', $most), str_repeat('x', $most + 1)];
        $words = static fn (int $count): array => array_map(static fn (int $number): string => "w{$number}", range(1, $count));
        $act = static fn (mixed ...$more): array => [['as' => 'driver', 'acts' => [['do' => 'window', 'say' => 'Open it', ...$more]]]];

        return [
            'name of a box' => ['box', 'name', ...$text(80)],
            'key of a box' => ['box', 'key', ...$text(80)],
            'caution of a box' => ['box', 'caution', ...$text(400)],
            'what becomes of a box' => ['box', 'whenMakerStops', ...$text(400)],
            'forms of a box' => ['box', 'accepts', $words(100), $words(101)],
            'length of a form' => ['box', 'accepts', [str_repeat('x', 40)], [str_repeat('x', 41)]],
            'devices of a box' => ['box', 'mostDevices', 100_000, 100_001],
            'at least one' => ['box', 'mostDevices', 1, 0],
            'how long a box takes' => ['box', 'latencyMs', 60_000, 60_001],
            'what a box costs' => ['box', 'cost', 1_000_000, 1_000_001],
            'what a box costs a year' => ['box', 'yearlyCost', 1_000_000, 1_000_001],
            'a window of 900 s' => ['box', 'offers', $act(seconds: 900), $act(seconds: 901)],
            'a window of 180 s' => ['box', 'offers', $act(seconds: 180), $act(seconds: 179)],
            'minutes of an act' => ['box', 'offers', $act(minutes: 600), $act(minutes: 601)],
            'an act that is said' => ['box', 'offers', $act(say: str_repeat('x', 200)), $act(say: str_repeat('x', 201))],
            'the effect of an act' => ['box', 'offers', $act(effect: str_repeat('x', 190)), $act(effect: str_repeat('x', 191))],
            'name of an ecosystem' => ['ecosystem', 'name', ...$text(80)],
            'key of an ecosystem' => ['ecosystem', 'key', ...$text(80)],
            'its account' => ['ecosystem', 'account', ...$text(120)],
            'its caution' => ['ecosystem', 'caution', ...$text(400)],
            'its devices' => ['ecosystem', 'mostDevices', 100_000, 100_001],
            'one device' => ['ecosystem', 'mostDevices', 1, 0],
            'its names' => ['ecosystem', 'nameLength', 250, 251],
            'a name of one letter' => ['ecosystem', 'nameLength', 1, 0],
        ];
    }

    #[DataProvider('limits')]
    public function test_so_much_is_taken_and_no_more(string $of, string $field, mixed $taken, mixed $refused): void
    {
        $read = static fn (mixed $value): BoxSheet|EcosystemSheet => $of === 'box'
            ? BoxSheet::fromInput(Input::of([$field => $value] + self::BOX))
            : EcosystemSheet::fromInput(Input::of([$field => $value] + self::ECOSYSTEM));
        self::assertNotSame('', $read($taken)->name);
        $this->expectException(InvalidInput::class);
        $read($refused);
    }
}
