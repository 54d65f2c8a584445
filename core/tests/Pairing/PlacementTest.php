<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\Placement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlacementTest extends TestCase
{
    #[DataProvider('standings')]
    public function test_what_was_paired_at_the_bench_is_placed_and_checked_anew(
        Placement $placement,
        PairingOrder $school,
        bool $isPaired,
        ?int $placedAt,
        ?int $checkedAt,
    ): void {
        self::assertSame($placement, Placement::of($school, $isPaired, $placedAt, $checkedAt));
    }

    /** @return iterable<string, array{Placement, PairingOrder, bool, int|null, int|null}> */
    public static function standings(): iterable
    {
        $bench = PairingOrder::AtBench;
        yield 'where it lives from the start' => [Placement::NotDue, PairingOrder::InPlace, true, null, null];
        yield 'not in yet' => [Placement::NotDue, $bench, false, null, null];
        yield 'in, beside the hub' => [Placement::ToPlace, $bench, true, null, 900];
        yield 'placed, and nobody looked' => [Placement::ToRecheck, $bench, true, 1_000, null];
        yield 'placed, and looked at before' => [Placement::ToRecheck, $bench, true, 1_000, 999];
        yield 'looked at since' => [Placement::Sound, $bench, true, 1_000, 1_000];
    }

    public function test_placing_and_checking_are_work(): void
    {
        self::assertSame(
            [Placement::ToPlace, Placement::ToRecheck],
            array_values(array_filter(Placement::cases(), static fn (Placement $one): bool => $one->isWork())),
        );
    }
}
