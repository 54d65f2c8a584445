<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\Copies;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\OfferText;
use Kavvel\Core\Bridging\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What of a name and a room goes along from hop to hop. */
final class CopiesTest extends TestCase
{
    /** @param list<Offer> $offers taken one after the other */
    #[DataProvider('ways')]
    public function test_no_more_arrives_than_every_hop_hands_on(string $speaks, array $offers, Copies $arrives): void
    {
        $boxes = array_map(
            static fn (Offer $offer, int $n): Box => new Box("b{$n}", "Box {$n}", true, [$speaks], [$offer]),
            $offers,
            array_keys($offers),
        );
        $device = new Device('lamp', 'Lamp', ['on-off'], [$speaks]);
        $house = new House([], [$device], $boxes, []);
        $way = Way::from($device, 0, $house);
        foreach ($boxes as $box) {
            $way = $way->through($box, 0, $house);
        }

        self::assertSame($arrives, Copies::along($way));
        self::assertSame($arrives !== Copies::Nothing, $arrives->hasName());
        self::assertSame($arrives === Copies::Both, $arrives->hasRoom());
    }

    /** @return iterable<string, array{string, list<Offer>, Copies}> */
    public static function ways(): iterable
    {
        yield 'a share is named anew' => ['matter', [], Copies::Nothing];
        yield 'an account knows both' => ['cloud-link', [], Copies::Both];
        yield 'a bridge hands the name on' => ['zigbee', [new Offer('matter-bridge')], Copies::Name];
        yield 'a sheet knows better' => ['zigbee', [new Offer('driver', copies: Copies::Both)], Copies::Both];
        yield 'the hop that hands on least decides' => [
            'zigbee', [new Offer('hub-link', copies: Copies::Both), new Offer('matter-bridge')], Copies::Name,
        ];
        yield 'wherever it stands' => [
            'zigbee', [new Offer('hub-link', copies: Copies::Nothing), new Offer('cloud-link')], Copies::Nothing,
        ];
    }

    public function test_a_sheet_says_it_in_a_line(): void
    {
        $lines = "driver, copies name and room\ncloud-link, cloud, copies nothing, without button, turn";
        self::assertSame(
            [['as' => 'driver', 'copies' => 'name and room'], ['as' => 'cloud-link', 'cloud' => true, 'copies' => 'nothing',
                'drops' => ['button', 'turn']]],
            OfferText::read($lines),
        );
        self::assertSame($lines, OfferText::write(Sheets::hub(['offers' => OfferText::read($lines)])->offers));
    }
}
