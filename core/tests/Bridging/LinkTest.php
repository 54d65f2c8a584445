<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use DateTimeImmutable;
use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\ActOutOfTurn;
use Kavvel\Core\Bridging\ActText;
use Kavvel\Core\Bridging\ActUnreadable;
use Kavvel\Core\Bridging\Appeared;
use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\LinkRun;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Trial;
use Kavvel\Core\Bridging\Want;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Wants\WantedFrom;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LinkTest extends TestCase
{
    private const LINES = "switch on: Switch the export on (2 min)\nsign in: Open the app (1 min)\n"
        ."window: Open the window (1 min, 600 s) | Whoever has the code joins\nclient scan: Scan the code (3 min)";

    public function test_a_plan_needs_each_link_once_and_each_after_those_that_it_builds_upon(): void
    {
        $links = Link::all($this->plan(), ['hub']);
        self::assertSame([
            'of devices as ir to box blaster', 'from hub as hub-link to box export', 'of share as matter to ecosystem phone',
            'from blaster as matter-bridge to ecosystem phone', 'from export as matter-bridge to ecosystem phone',
        ], array_map(static fn (Link $link): string => $link->key(), $links));
        self::assertSame(
            [['fan'], ['plug', 'lamp'], ['share'], ['fan'], ['plug', 'lamp']],
            array_map(static fn (Link $link): array => $link->devices, $links),
        );
        self::assertSame($links[2]->key(), Link::into($this->plan()->paths[3]));
        self::assertSame($links[1]->key(), Link::between('hub', 'hub-link', 'export'));
    }

    public function test_acts_go_from_the_names_over_what_lasts_to_the_window_and_the_count(): void
    {
        [$join, , $share, , $export] = Link::all($this->plan(), ['hub']);
        $acts = $this->acts();
        $kinds = static fn (Link $link): array => array_map(
            static fn (Act $act): string => $act->kind->value,
            LinkRun::acts($link, [$acts[2]], [$acts[0], $acts[1], $acts[3]]),
        );
        self::assertSame(['names', 'include', 'switch-on', 'sign-in', 'window', 'scan', 'count'], $kinds($export));
        self::assertSame(['names', 'switch-on', 'sign-in', 'window', 'scan', 'count'], $kinds($share), 'a share shows itself alone');
        self::assertSame(['join'], $kinds($join));
        [$let] = LinkRun::acts($join, [], []);
        self::assertSame(['Let the device join it', 3], [$let->say, $let->minutes]);
        $own = LinkRun::acts($export, [], []);
        self::assertSame('Make the list of what is shown', $own[1]->say);
        self::assertSame([0, 2, 1], array_map(static fn (Act $act): int => $act->minutes, $own));
        self::assertSame(['do', 'say', 'client', 'minutes'], array_keys($own[0]->toArray()), 'what it has not is left out');
    }

    public function test_a_key_tells_by_which_export_a_link_goes(): void
    {
        [$join, , , , $export] = Link::all($this->plan(), ['hub']);

        self::assertTrue(Link::goesBy($export->key(), (string) $export->from, $export->form));
        self::assertFalse(Link::goesBy($export->key(), (string) $export->from, 'driver'));
        self::assertTrue(Link::leadsOver($export->key(), (string) $export->from));
        self::assertTrue(Link::leadsOver($join->key(), $join->to));
        self::assertFalse(Link::leadsOver($export->key(), $join->to));
        self::assertFalse(Link::goesBy($export->key(), 'another', $export->form));
        self::assertFalse(Link::goesBy($join->key(), (string) $export->from, $export->form));
    }

    public function test_the_window_of_a_bridge_stands_on_no_sheet_and_is_as_long_as_the_standard_lets_it(): void
    {
        $act = Act::windowOf('rack bridge');

        self::assertSame([ActKind::Window, 900, false], [$act->kind, $act->seconds, $act->isClients]);
        self::assertStringContainsString('of the rack bridge, in its own app', $act->say);
        self::assertNotSame('', $act->effect);
    }

    public function test_what_is_had_over_an_account_is_linked_once_for_all_devices_of_it(): void
    {
        $can = ['on-off'];
        $house = new House([], [new Device('bell', 'bell', $can, ['cloud-link']), new Device('fan', 'fan', $can, ['cloud-link'])], [], [
            new Ecosystem('phone', 'Phone', ['cloud-link'], $can),
        ]);
        $plan = BridgePlan::of($house, [new Want('bell', 'phone', $can), new Want('fan', 'phone', $can)], Policy::LocalFirst);
        self::assertSame(['of devices as cloud-link to ecosystem phone'], array_map(
            static fn (Link $link): string => $link->key(),
            Link::all($plan, []),
        ));
    }

    public function test_a_link_is_made_act_by_act_and_kept_as_it_was_begun(): void
    {
        $at = new DateTimeImmutable('2026-11-20T10:00:00Z');
        $run = LinkRun::begin($this->acts());
        self::assertSame([7, 0, false], [$run->minutesLeft(), $run->current(), $run->isBegun()]);
        $run = $run->do(0, $at, 'Mara')->do(1, $at, 'Mara', 'Odile Harrow');
        self::assertNull($run->windowUntil());
        $run = $run->do(2, $at, 'Mara');
        $kept = LinkRun::fromInput(Input::of($run->toArray()));
        self::assertEquals($run, $kept);
        self::assertSame([3, 3, 'Odile Harrow'], [$kept->minutesLeft(), $kept->current(), $kept->done[1]->note]);
        self::assertSame('2026-11-20T10:10:00', $kept->windowUntil()?->format('Y-m-d\TH:i:s'));
        $made = $kept->do(3, $at, 'Mara');
        self::assertSame([true, 0, null], [$made->isMade(), $made->minutesLeft(), $made->act()]);
        self::assertNull($made->windowUntil(), 'nobody needs it any more');
        self::assertSame(2, $made->backTo((int) $made->last(ActKind::Window))->current());
        self::assertNull($made->last(ActKind::Count));
    }

    public function test_what_is_added_to_a_link_is_named_listed_and_counted_and_no_window_is_opened_for_it(): void
    {
        [, , , , $export] = Link::all($this->plan(), ['hub']);
        $run = LinkRun::begin(LinkRun::acts($export, [$this->acts()[2]], []));
        foreach (array_keys($run->acts) as $number) {
            $run = $run->do($number, new DateTimeImmutable('2026-11-20T10:00:00Z'), 'Mara');
        }
        self::assertSame($run, $run->grown(['plug', 'lamp'], ['lamp'], false), 'what is taken away asks for nothing here');
        $grown = $run->grown(['plug', 'lamp'], ['plug', 'lamp', 'fan'], false);
        self::assertSame([false, ActKind::Names, [2]], [$grown->isMade(), $grown->act()?->kind, array_keys($grown->done)]);
        self::assertSame($grown, $grown->grown(['plug'], ['plug', 'fan'], false), 'it is under way already');
    }

    public function test_acts_come_in_an_order_in_which_no_window_closes_meanwhile(): void
    {
        [, , , , $export] = Link::all($this->plan(), ['hub']);
        $backwards = array_map(
            static fn (ActKind $kind): Act => Act::own($kind, $kind->value, 1),
            [ActKind::Scan, ActKind::Window, ActKind::Key, ActKind::SignIn, ActKind::SwitchOn],
        );
        $kinds = array_map(static fn (Act $act): ActKind => $act->kind, LinkRun::acts($export, $backwards, []));

        self::assertSame([
            ActKind::Names, ActKind::Include, ActKind::SwitchOn, ActKind::SignIn, ActKind::Key, ActKind::Window, ActKind::Scan,
            ActKind::Count,
        ], $kinds);
    }

    public function test_another_device_that_is_passed_on_by_itself_has_everything_done_again_but_the_account(): void
    {
        $acts = [
            Act::own(ActKind::Names, 'Names', 0), Act::own(ActKind::SignIn, 'Sign in', 1), Act::own(ActKind::Key, 'Key', 2),
            Act::own(ActKind::Discover, 'Look', 1), Act::own(ActKind::Count, 'Count', 1),
        ];
        $run = self::made($acts);

        self::assertSame($run, $run->grown(['plug'], ['plug'], true));
        self::assertSame([1], array_keys($run->grown([], ['plug'], true)->done));
    }

    public function test_what_comes_to_a_box_later_joins_it_too(): void
    {
        [$join] = Link::all($this->plan(), []);
        $run = self::made(LinkRun::acts($join, [], []));
        $grown = $run->grown($join->devices, [...$join->devices, 'fan', 'heater'], true);

        self::assertSame(
            [false, 'Let 2 devices join it, one at a time', 6],
            [$grown->isMade(), $grown->act()?->say, $grown->minutesLeft()],
        );
        self::assertSame('Let the device join it', $run->grown($join->devices, [...$join->devices, 'fan'], true)->act()?->say);
    }

    /** @param list<Act> $acts */
    private static function made(array $acts): LinkRun
    {
        $run = LinkRun::begin($acts);
        foreach (array_keys($acts) as $number) {
            $run = $run->do($number, new DateTimeImmutable('2026-11-20T10:00:00Z'), 'Mara');
        }

        return $run;
    }

    /**
     * @param  list<string>  $needs
     * @param  non-empty-string  $see
     */
    #[TestWith([WantedFrom::Voice, ['level', 'on-off'], 'Say: “set the hall lamp to 30 percent”', 'the device does it'])]
    #[TestWith([WantedFrom::Phone, ['lock'], 'Lock the hall lamp from Phone', 'the device does it'])]
    #[TestWith([WantedFrom::Panel, ['cover'], 'Open the hall lamp from Phone', 'it opens, stops on the way'])]
    #[TestWith([WantedFrom::Phone, ['temperature'], 'Trigger the hall lamp, and look at Phone', 'temperature shows there'])]
    #[TestWith([WantedFrom::Voice, ['contact'], 'Say: “how is the hall lamp”', 'open or closed shows there'])]
    public function test_what_is_wanted_says_what_is_tried(WantedFrom $from, array $needs, string $say, string $see): void
    {
        $trial = Trial::of($from, 'Phone', new Want('a', 'phone', $needs), 'hall lamp');
        self::assertSame($say, $trial->say);
        self::assertStringStartsWith($see, $trial->see);
    }

    public function test_an_act_that_somebody_else_did_meanwhile_is_not_done_twice(): void
    {
        $at = new DateTimeImmutable('2026-11-20T10:00:00Z');
        $run = LinkRun::begin($this->acts())->do(0, $at, 'Mara');
        try {
            $run->do(0, $at, 'Idris');
            self::fail('It was done twice.');
        } catch (ActOutOfTurn $meanwhile) {
            self::assertSame('Somebody went on meanwhile. Next is: Open the app.', $meanwhile->getMessage());
        }
        $made = LinkRun::begin([]);
        $this->expectExceptionMessage('made already');
        $made->do(0, $at, 'Idris');
    }

    public function test_what_is_begun_goes_first_then_what_brings_most_and_what_waits_for_another_not_at_all(): void
    {
        [$join, $chain, $share, , $export] = Link::all($this->plan(), ['hub']);
        $fresh = LinkRun::begin($this->acts());
        $begun = $fresh->do(0, new DateTimeImmutable, 'Mara');
        $made = LinkRun::begin([]);
        $at = static fn (Link $link, LinkRun $run, int $ready, bool $isPutOff): LinkAtHand => new LinkAtHand(
            $link,
            $run,
            array_fill(0, $ready, 'lamp'),
            $isPutOff,
        );
        $next = static fn (LinkAtHand ...$all): ?Link => LinkAtHand::next(array_values($all))?->link;
        self::assertSame($chain, $next($at($chain, $fresh, 2, false), $at($export, $fresh, 2, false)));
        self::assertSame($export, $next(
            $at($chain, $made, 2, false),
            $at($share, $fresh, 1, false),
            $at($export, $fresh, 2, false),
        ));
        self::assertSame($share, $next($at($share, $begun, 1, false), $at($join, $fresh, 9, false)));
        self::assertSame($share, $next($at($join, $begun, 9, true), $at($share, $fresh, 1, false)));
        self::assertSame($join, $next($at($join, $begun, 9, true), $at($share, $fresh, 0, false)));
        self::assertNull($next($at($chain, $fresh, 0, false), $at($export, $fresh, 2, false)));
        self::assertNull($next($at($share, $made, 1, false)));
    }

    /** @param non-empty-string $words */
    #[TestWith([3, 3, 'All that was passed on'])]
    #[TestWith([3, 0, 'Nothing appeared'])]
    #[TestWith([3, 2, 'One is missing'])]
    #[TestWith([3, 1, '2 are missing'])]
    #[TestWith([3, 4, 'One too many'])]
    #[TestWith([3, 9, '6 too many'])]
    public function test_a_count_means_something(int $expected, int $seen, string $words): void
    {
        self::assertStringStartsWith($words, Appeared::of($expected, $seen)->words($expected, $seen));
    }

    public function test_acts_are_written_as_they_are_spoken_and_read_back(): void
    {
        self::assertSame(self::LINES, ActText::write($this->acts()));
        self::assertSame([], ActText::read(" \n"));
        $byForm = "over matter-bridge\n".self::LINES."\nover cloud-link\ndiscover: Have it look (2 min)";
        $read = ActText::readByForm("\n{$byForm}\n");
        self::assertSame([' matter-bridge', ' cloud-link'], array_keys($read));
        self::assertSame($byForm, ActText::writeByForm(array_map(
            static fn (array $rows): array => array_map(static fn (array $row): Act => Act::fromInput(Input::of($row)), $rows),
            $read,
        ) + [' none' => []]));
        self::assertTrue($this->acts()[1]->isClients, 'whoever signs in does it alone');
        self::assertFalse($this->acts()[0]->isClients);
    }

    #[TestWith(['switch it on'])]
    #[TestWith(['dance: on the table'])]
    #[TestWith(['count: what appears'])]
    #[TestWith(['over and out: now'])]
    public function test_a_line_that_is_no_act_is_refused_with_what_one_is(string $line): void
    {
        try {
            ActText::read("expect: nothing\n{$line}");
            self::fail('It was taken.');
        } catch (ActUnreadable $refused) {
            self::assertSame('line 2', $refused->at);
        }
        $this->expectException(ActUnreadable::class);
        $this->expectExceptionMessage("Line 2, “{$line}”, is no act. It begins with what is done (switch on, sign in");
        ActText::readByForm("\n{$line}");
    }

    /** @return list<Act> */
    private function acts(): array
    {
        return array_map(static fn (array $row): Act => Act::fromInput(Input::of($row)), ActText::read(self::LINES));
    }

    private function plan(): BridgePlan
    {
        $can = ['on-off'];

        return BridgePlan::of(new House([], [
            new Device('plug', 'plug', $can, ['zigbee at hub']), new Device('lamp', 'lamp', $can, ['zigbee at hub']),
            new Device('fan', 'fan', $can, ['ir']), new Device('share', 'share', $can, ['matter']),
            new Device('bridged', 'bridged', $can, ['behind rack']),
        ], [
            new Box('hub', 'Hub', true, ['zigbee at hub'], [new Offer('hub-link')]),
            new Box('export', 'Export', true, ['hub-link'], [new Offer('matter-bridge')]),
            new Box('blaster', 'Blaster', true, ['ir'], [new Offer('matter-bridge')]),
            new Box('rack', 'Rack', true, ['behind rack'], [new Offer('nothing')]),
        ], [new Ecosystem('phone', 'Phone', ['matter', 'matter-bridge'], $can)]), [
            new Want('plug', 'phone', $can), new Want('lamp', 'phone', $can), new Want('fan', 'phone', $can),
            new Want('share', 'phone', $can), new Want('bridged', 'phone', $can),
        ], Policy::LocalFirst);
    }
}
