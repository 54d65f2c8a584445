<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\FormWords;
use Kavvel\Core\Bridging\FunctionTable;
use Kavvel\Core\Bridging\OfferText;
use Kavvel\Core\Bridging\OfferUnreadable;
use Kavvel\Core\Bridging\SheetFile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    private const BOX = ['of' => 'box', 'key' => 'hub', 'name' => 'Hub', 'accepts' => [], 'offers' => [['as' => 'driver']]];

    private const ECOSYSTEM = [
        'of' => 'ecosystem', 'key' => 'hub', 'name' => 'Voice', 'kind' => 'voice', 'accepts' => ['matter'], 'knows' => [],
        'removal' => 'single',
    ];

    public function test_a_key_stands_once_among_boxes_and_once_among_ecosystems(): void
    {
        $sheets = SheetFile::read(Input::of(['bridgeSheets' => [self::BOX, self::ECOSYSTEM]]));
        self::assertSame([[' hub' => self::ECOSYSTEM], [' hub' => self::BOX]], [$sheets['ecosystem'], $sheets['box']]);
        self::assertSame(['ecosystem' => [], 'box' => []], SheetFile::read(Input::of([])));
        $this->expectExceptionObject(InvalidInput::duplicateId('hub', '$.bridgeSheets[1].key'));
        SheetFile::read(Input::of(['bridgeSheets' => [self::BOX, self::BOX]]));
    }

    /** @return array<string, array{array<string, mixed>, string}> a sheet, and where it is refused */
    public static function broken(): array
    {
        return [
            'of nothing' => [['of' => 'wall'] + self::BOX, 'of'],
            'no name' => [['name' => ''] + self::BOX, 'name'],
            'a form with a comma' => [['accepts' => ['matter, bridge']] + self::BOX, 'accepts[0]'],
            'a release in words' => [['matterRelease' => 'the latest'] + self::BOX, 'matterRelease'],
            'an offer without a form' => [['offers' => [['cloud' => true]]] + self::BOX, 'offers[0].as'],
            'a price below nothing' => [['cost' => -1] + self::BOX, 'cost'],
            'an unknown support' => [['support' => 'perhaps'] + self::BOX, 'support'],
            'wanted by hand' => [['kind' => 'hand'] + self::ECOSYSTEM, 'kind'],
            'a manner of removal that is none' => [['removal' => 'all'] + self::ECOSYSTEM, 'removal'],
            'a name of no letters' => [['nameLength' => 0] + self::ECOSYSTEM, 'nameLength'],
        ];
    }

    /** @param array<string, mixed> $sheet */
    #[DataProvider('broken')]
    public function test_a_broken_sheet_names_its_place(array $sheet, string $at): void
    {
        try {
            SheetFile::read(Input::of(['bridgeSheets' => [$sheet]]));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame("$.bridgeSheets[0].{$at}", $refused->at);
        }
    }

    public function test_offers_are_written_as_they_are_spoken_and_read_back(): void
    {
        $lines = "matter-bridge, release 1.2, without button, turn\ncloud-link, cloud\ndriver";
        $offers = OfferText::read($lines);
        self::assertSame([
            ['as' => 'matter-bridge', 'matterRelease' => '1.2', 'drops' => ['button', 'turn']], ['as' => 'cloud-link', 'cloud' => true],
            ['as' => 'driver'],
        ], $offers);
        self::assertSame($lines, OfferText::write(Sheets::hub(['offers' => $offers])->offers));
        self::assertSame([], OfferText::read(" \n"));
        $this->expectException(OfferUnreadable::class);
        $this->expectExceptionMessage('Line 2, “matter-bridge, release new”');
        OfferText::read("driver\nmatter-bridge, release new");
    }

    public function test_functions_and_forms_have_words_of_their_own(): void
    {
        self::assertSame(['watts', 'key presses', 'something else'], array_map(
            FunctionTable::words(...),
            ['power', 'button', 'something-else'],
        ));
        self::assertSame('1.3', FunctionTable::capability('power')->since?->text);
        self::assertTrue(FunctionTable::capability('lock')->isSafety);
        self::assertFalse(FunctionTable::capability('siren')->isStandard);
        self::assertTrue(FunctionTable::capability('something-else')->isStandard, 'nobody knows otherwise');
        self::assertSame(['Matter bridge', 'Zigbee', 'Z-Wave', 'hub link'], array_map(
            FormWords::of(...),
            ['matter-bridge', 'zigbee', 'zwave at hub', 'hub-link'],
        ));
    }

    public function test_what_a_sheet_of_a_box_leaves_out_costs_nothing_and_takes_no_time(): void
    {
        $box = BoxSheet::fromInput(Input::of(['key' => 'b', 'name' => 'B', 'accepts' => ['zigbee'], 'offers' => [['as' => 'driver']]]));

        self::assertSame([0.0, 0.0, 0.0, null, false, null], [
            $box->latencyMs, $box->cost, $box->yearlyCost, $box->mostDevices, $box->isService, $box->exportRelease(),
        ]);
        self::assertSame('1.2', Sheets::hub()->exportRelease()?->text);
    }
}
