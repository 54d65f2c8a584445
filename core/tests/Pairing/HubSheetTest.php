<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\HubCheck;
use Kavvel\Core\Pairing\HubSheet;
use PHPUnit\Framework\TestCase;

final class HubSheetTest extends TestCase
{
    public function test_all_of_it_comes_before_the_first_device(): void
    {
        $sheet = new HubSheet([], isInUse: false, isHeard: false);

        self::assertSame(HubCheck::cases(), $sheet->open());
        self::assertTrue($sheet->comesFirst());
        self::assertFalse((new HubSheet([], isInUse: true, isHeard: false))->comesFirst());
        self::assertFalse((new HubSheet(HubCheck::cases(), isInUse: false, isHeard: false))->comesFirst());
    }

    public function test_a_hub_that_answers_has_its_link_checked(): void
    {
        $sheet = new HubSheet([HubCheck::Place], isInUse: false, isHeard: true);

        self::assertTrue($sheet->isSettled(HubCheck::Link));
        self::assertSame([
            HubCheck::Radio, HubCheck::Channel, HubCheck::Network, HubCheck::Access, HubCheck::Needs, HubCheck::Backup,
        ], $sheet->open());
    }

    public function test_each_point_says_why_it_is_asked(): void
    {
        foreach (HubCheck::cases() as $check) {
            self::assertNotSame('', $check->title().$check->why());
            self::assertSame(! in_array($check, [HubCheck::Place, HubCheck::Link], true), $check->asksFor() !== null);
        }
        $titles = array_map(static fn (HubCheck $one): string => $one->title(), HubCheck::cases());
        self::assertSame($titles, array_unique($titles));
    }
}
