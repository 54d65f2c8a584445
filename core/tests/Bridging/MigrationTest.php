<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use DateTimeImmutable;
use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\LinkRun;
use Kavvel\Core\Bridging\Migration;
use Kavvel\Core\Bridging\MigrationSchool;
use Kavvel\Core\Bridging\MigrationStep;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Want;
use PHPUnit\Framework\TestCase;

/** An old path is replaced step by step. */
final class MigrationTest extends TestCase
{
    public function test_the_old_one_stays_until_the_new_one_is_proved_and_used(): void
    {
        $keep = fn (bool $isMade, string $proved, bool $isListed, bool $isTaken): MigrationStep => $this->migration(
            MigrationSchool::KeepUntilProved,
            $isMade,
            explode(' ', $proved),
            $isListed,
            $isTaken,
        )->step;

        self::assertSame(MigrationStep::ListUsers, $keep(true, 'lamp plug', false, true), 'before anything is changed');
        self::assertSame(MigrationStep::Make, $keep(false, 'lamp plug', true, false));
        self::assertSame(MigrationStep::Prove, $keep(true, 'lamp', true, false));
        self::assertSame(MigrationStep::TakeOver, $keep(true, 'lamp plug', true, false));
        self::assertSame(MigrationStep::Remove, $keep(true, 'lamp plug', true, true));
    }

    public function test_the_other_school_takes_it_out_as_soon_as_it_is_known_what_uses_it(): void
    {
        self::assertSame(MigrationStep::ListUsers, $this->migration(MigrationSchool::RemoveAtOnce, false, [], false, false)->step);
        $next = $this->migration(MigrationSchool::RemoveAtOnce, false, [], true, false);
        self::assertSame(MigrationStep::Remove, $next->step);
        self::assertSame([MigrationStep::ListUsers], $next->done());
        self::assertSame([MigrationStep::Make, MigrationStep::Prove, MigrationStep::TakeOver], $next->ahead());
    }

    public function test_what_no_new_path_replaces_is_taken_out_whatever_the_school(): void
    {
        foreach (MigrationSchool::cases() as $school) {
            $none = Migration::of(['freezer'], $this->links(true), [], $school, true, false);
            self::assertSame([MigrationStep::Remove, [], [MigrationStep::ListUsers], []], [
                $none->step, $none->moving, $none->done(), $none->ahead(),
            ]);
            self::assertSame(MigrationStep::Remove, Migration::of(['freezer'], [], [], $school, true, false)->step);
        }
    }

    public function test_only_what_moves_has_to_be_made_and_proved(): void
    {
        $some = Migration::of(['lamp', 'freezer'], $this->links(true), [], MigrationSchool::KeepUntilProved, true, false);
        self::assertSame([MigrationStep::Prove, ['lamp'], ['lamp']], [$some->step, $some->moving, $some->unproved]);
        $half = Migration::of(['lamp', 'plug'], $this->links(true, ['lamp']), [], MigrationSchool::KeepUntilProved, true, false);
        self::assertSame(MigrationStep::Make, $half->step, 'the plug is not in yet');
    }

    public function test_links_and_proofs_are_looked_after_where_they_always_are(): void
    {
        $own = [];
        foreach ([[false, false], [false, true], [true, true]] as [$isMade, $isListed]) {
            $own[] = $this->migration(MigrationSchool::KeepUntilProved, $isMade, [], $isListed, false)->isOwnWork();
        }
        self::assertSame([true, false, false], $own);
        self::assertTrue($this->migration(MigrationSchool::KeepUntilProved, true, ['lamp', 'plug'], true, true)->isOwnWork());
        $words = array_map(static fn (MigrationStep $one): string => $one->words(), MigrationStep::cases());
        self::assertSame($words, array_unique($words));
        foreach (MigrationSchool::cases() as $school) {
            self::assertNotSame($school->words(), $school->why());
        }
    }

    /** @param list<string> $proved */
    private function migration(MigrationSchool $school, bool $isMade, array $proved, bool $isListed, bool $isTaken): Migration
    {
        return Migration::of(['lamp', 'plug'], $this->links($isMade), $proved, $school, $isListed, $isTaken);
    }

    /**
     * @param  list<string>  $ready
     * @return list<LinkAtHand>
     */
    private function links(bool $isMade, array $ready = ['lamp', 'plug']): array
    {
        $house = new House(
            [],
            [new Device('lamp', 'Lamp', ['on-off'], ['zigbee']), new Device('plug', 'Plug', ['on-off'], ['zigbee'])],
            [new Box('hub', 'Hub', true, ['zigbee'], [new Offer('driver')])],
            [new Ecosystem('panel', 'Panel', ['driver'], ['on-off'])],
        );
        $plan = BridgePlan::of($house, [new Want('lamp', 'panel', ['on-off']), new Want('plug', 'panel', ['on-off'])], Policy::LocalFirst);

        return array_map(static function (Link $link) use ($isMade, $ready): LinkAtHand {
            $run = LinkRun::begin(LinkRun::acts($link, [], []));
            while ($isMade && ! $run->isMade()) {
                $run = $run->do((int) $run->current(), new DateTimeImmutable, 'Mara');
            }

            return new LinkAtHand($link, $run, $ready, false);
        }, Link::all($plan, ['hub']));
    }
}
