<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Handover;

use DateTimeImmutable;
use Kavvel\Core\Catalogue\Battery;
use Kavvel\Core\Catalogue\Chemistry;
use Kavvel\Core\Handover\BatteryLife;
use Kavvel\Core\Handover\BatteryPlan;
use Kavvel\Core\Handover\BatteryUse;
use Kavvel\Core\Handover\HandoverMove;
use Kavvel\Core\Handover\KeepOn;
use Kavvel\Core\Handover\RelayInUse;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HandoverTest extends TestCase
{
    public function test_cells_are_counted_by_type_and_the_shortest_lived_is_due_first(): void
    {
        $rows = BatteryPlan::of([
            new BatteryUse('window', $this->battery('CR2032', 1, 3000), new DateTimeImmutable('2026-01-10')),
            new BatteryUse('valve', $this->battery('AA', 2, 3000), new DateTimeImmutable('2026-01-10')),
            new BatteryUse('door', $this->battery('CR2032', 2, 9000), new DateTimeImmutable('2026-02-10')),
        ]);
        $door = BatteryLife::of(220, Chemistry::Lithium, 3, 50, 9000);

        self::assertSame(['AA', 'CR2032'], array_column($rows, 'type'));
        self::assertSame([2, 3], array_column($rows, 'cells'));
        self::assertSame(['window', 'door'], $rows[1]->ids);
        self::assertSame($door->years, $rows[1]->shortest->years);
        self::assertSame(
            (new DateTimeImmutable('2026-02-10'))->modify('+'.round($door->years * 365.25).' days')->format('Y-m-d'),
            $rows[1]->due->format('Y-m-d'),
        );
    }

    public function test_an_earlier_day_can_make_a_longer_life_due_first(): void
    {
        $rows = BatteryPlan::of([
            new BatteryUse('new', $this->battery('CR2032', 1, 9000), new DateTimeImmutable('2026-06-01')),
            new BatteryUse('old', $this->battery('CR2032', 1, 3000), new DateTimeImmutable('2022-06-01')),
        ]);

        self::assertSame('2026-09', $rows[0]->due->format('Y-m'));
        self::assertSame(BatteryLife::of(220, Chemistry::Lithium, 3, 50, 9000)->years, $rows[0]->shortest->years);
        self::assertSame([], BatteryPlan::of([]));
    }

    public function test_a_life_says_where_the_forecast_goes_no_further(): void
    {
        self::assertSame('4.3 (3.9 to 4.8)', BatteryLife::of(220, Chemistry::Lithium, 3, 50, 3000)->words());
        self::assertSame('15 or more', BatteryLife::of(1500, Chemistry::Lithium, 0, 0, 0)->words());
        self::assertSame('15 or more (at least 13.6)', BatteryLife::of(1500, Chemistry::Lithium, 0, 6, 100000)->words());
        self::assertSame('14.8 (11.9 to 15 or more)', BatteryLife::of(1500, Chemistry::Lithium, 0, 7, 100000)->words());
        self::assertSame('10 or more', BatteryLife::of(2500, Chemistry::Alkaline, 0, 0, 0)->words());
    }

    public function test_what_others_reach_the_hub_through_says_how_many_they_are(): void
    {
        $nodes = [
            new Node('hub', Role::Root), new Node('7', Role::Router), new Node('b', Role::Router), new Node('x', Role::End),
            new Node('y', Role::End), new Node('z', Role::End),
        ];
        $links = [
            new Link('hub', '7', 30), new Link('hub', 'b', 30), new Link('7', 'x', 30), new Link('7', 'y', 30), new Link('b', 'z', 30),
        ];
        $report = MeshJudge::judge(new Graph(Protocol::Zigbee, $nodes, $links, 'hub'));
        $kept = KeepOn::among(
            [new RelayInUse('7', false), new RelayInUse('b', true), new RelayInUse('plug', true), new RelayInUse('relay', false)],
            [$report],
        );

        self::assertSame(['7', 'b', 'plug', 'relay'], array_column($kept, 'id'));
        self::assertSame([
            '2 devices reach the hub through it.',
            'One device reaches the hub through it.',
            'It relays for its neighbours while it is plugged in and on.',
            'It relays for its neighbours: leave its breaker on.',
        ], array_column($kept, 'why'));
        self::assertSame(
            ['It relays for its neighbours: leave its breaker on.'],
            array_column(KeepOn::among([new RelayInUse('7', false)], []), 'why'),
        );
    }

    public function test_a_plug_with_something_on_it_that_must_stay_on_is_kept_on(): void
    {
        $kept = KeepOn::among([
            new RelayInUse('socket', true, relays: false, feeds: 'freezer'), new RelayInUse('plug', true, feeds: 'router'),
        ], []);

        self::assertSame([
            'It feeds what must stay on: freezer.',
            'It feeds what must stay on: router. It relays for its neighbours while it is plugged in and on.',
        ], array_column($kept, 'why'));
    }

    #[DataProvider('moves')]
    public function test_the_next_move_at_the_handover(
        bool $isMaking,
        int $snags,
        int $temporary,
        bool $hasPack,
        int $changes,
        HandoverMove $move,
    ): void {
        self::assertSame($move, HandoverMove::of($isMaking, $snags, $temporary, $hasPack, $changes));
    }

    /** @return array<string, array{bool, int, int, bool, int, HandoverMove}> */
    public static function moves(): array
    {
        return [
            'a pack in the press' => [true, 2, 0, true, 3, HandoverMove::Wait],
            'a snag before a pack' => [false, 1, 0, false, 0, HandoverMove::Settle],
            'a snag after a pack' => [false, 1, 0, true, 1, HandoverMove::Settle],
            'what is temporary before a pack' => [false, 0, 1, true, 0, HandoverMove::Close],
            'a snag before what is temporary' => [false, 1, 1, true, 0, HandoverMove::Settle],
            'the first pack' => [false, 0, 0, false, 0, HandoverMove::MakePack],
            'after a pack not another' => [false, 0, 0, true, 0, HandoverMove::GoThrough],
            'after a pack and more work' => [false, 0, 0, true, 1, HandoverMove::MakePack],
        ];
    }

    private function battery(string $type, int $count, float $microAmpSeconds): Battery
    {
        return Battery::fromInput(Input::of([
            'type' => $type, 'count' => $count, 'chemistry' => 'lithium', 'sleepMicroAmp' => 3, 'eventsPerDay' => 50,
            'microAmpSecondsPerEvent' => $microAmpSeconds,
        ]));
    }
}
