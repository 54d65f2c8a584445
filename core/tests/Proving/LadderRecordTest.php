<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Proving;

use DateTimeImmutable;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\LadderStep;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Proof;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Proving\Shown;
use Kavvel\Core\Proving\Standing;
use PHPUnit\Framework\TestCase;

final class LadderRecordTest extends TestCase
{
    public function test_the_latest_of_a_rung_counts(): void
    {
        $record = [new Proof(Rung::Hub, Outcome::Passed, 1), new Proof(Rung::Hub, Outcome::Failed, 1, 'no answer')];

        self::assertSame(Outcome::Failed, Ladder::of($record, 1, true)->outcome(Rung::Hub));
        self::assertSame('no answer', Ladder::of($record, 1, true)->proof(Rung::Hub)?->because);
        self::assertSame(Outcome::Passed, Ladder::of(array_reverse($record), 1, true)->outcome(Rung::Hub));
    }

    public function test_a_proof_belongs_to_the_node_that_showed_it(): void
    {
        $record = [
            new Proof(Rung::Hand, Outcome::Passed), new Proof(Rung::Radio, Outcome::Passed, 1), new Proof(Rung::Hub, Outcome::Failed, 2),
        ];

        self::assertSame([null, Outcome::Passed, null], $this->outcomes(Ladder::of($record, 1, true)));
        self::assertSame([null, null, Outcome::Failed], $this->outcomes(Ladder::of($record, 2, true)));
        self::assertSame([null, null, null], $this->outcomes(Ladder::of($record, 3, true)), 'a device in another’s place starts anew');
        self::assertSame([Outcome::Passed, null, null], $this->outcomes(Ladder::of($record, null, false)));
    }

    public function test_what_was_taken_back_counts_no_more(): void
    {
        $record = [new Proof(Rung::Hand, Outcome::Passed, 1), new Proof(Rung::Hand, Outcome::Failed, 1, 'sticks', isWithdrawn: true)];

        self::assertSame(Outcome::Passed, Ladder::of($record, 1, true)->outcome(Rung::Hand), 'what it said before stands again');
    }

    public function test_a_report_shows_the_hub_only_of_what_is_not_switched(): void
    {
        $shown = static fn (string $capability): array => array_map(
            static fn (Shown $one): array => [$one->rung, $one->outcome, $one->because],
            Shown::byReport(self::profile($capability), 'contact', 'open'),
        );

        self::assertSame(
            [[Rung::Radio, Outcome::Passed, 'heard contact open'], [Rung::Hub, Outcome::Passed, 'reported contact open']],
            $shown('contact'),
        );
        self::assertSame([[Rung::Radio, Outcome::Passed, 'heard contact open']], $shown('on-off'));
    }

    public function test_joining_shows_the_radio_and_a_command_the_hub(): void
    {
        self::assertSame([Rung::Radio, Outcome::Passed], [Shown::byJoining()->rung, Shown::byJoining()->outcome]);
        self::assertSame([Rung::Hub, Outcome::Passed, 'switched on'], [
            Shown::byCommand('on')->rung, Shown::byCommand('on')->outcome, Shown::byCommand('on')->because,
        ]);
        self::assertSame([Rung::Hub, Outcome::Failed, 'no answer'], [
            Shown::byFailedCommand('no answer')->rung, Shown::byFailedCommand('no answer')->outcome,
            Shown::byFailedCommand('no answer')->because,
        ]);
    }

    public function test_a_ladder_grows_a_rung_for_each_ecosystem_that_it_is_linked_into(): void
    {
        $own = array_map(static fn (Rung $rung): Proof => new Proof($rung, Outcome::Passed, 1), Rung::own());
        $linked = ['voice' => 'Tansy', 'phone' => 'Wicket'];
        $phone = new Proof(Rung::Ecosystem, Outcome::Passed, 1, ecosystem: 'phone');
        self::assertSame(Standing::Proved, Ladder::of($own, 1, true)->standing());

        $ladder = Ladder::of([...$own, $phone], 1, true, $linked);
        self::assertSame(Standing::In, $ladder->standing());
        self::assertSame(['By hand', 'Its own radio', 'Hub', 'Tansy', 'Wicket'], array_map(
            static fn (LadderStep $step): string => $step->words(),
            $ladder->steps,
        ));
        self::assertSame('ecosystem voice', $ladder->next()?->key());
        self::assertSame([4, null], [$ladder->passed(), $ladder->into('panel')]);

        $voice = new Proof(Rung::Ecosystem, Outcome::Failed, 1, 'it said no', ecosystem: 'voice');
        $faulty = Ladder::of([...$own, $phone, $voice], 1, true, $linked);
        self::assertSame([Standing::Fault, 'Tansy'], [$faulty->standing(), $faulty->fault()?->words()]);
        self::assertSame('it said no', $faulty->proof($faulty->into('voice') ?? $faulty->steps[0])?->because);
        self::assertSame(Standing::Proved, Ladder::of([...$own, $phone, $voice], 1, true, ['phone' => 'Wicket'])->standing());
    }

    public function test_what_was_shown_over_an_earlier_path_counts_no_more(): void
    {
        $at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-11-25 {$time}");
        $proof = new Proof(Rung::Ecosystem, Outcome::Passed, 1, ecosystem: 'voice', at: $at('10:00'));
        $own = new Proof(Rung::Hub, Outcome::Passed, 1, at: $at('09:00'));
        $outcome = static function (?string $since) use ($proof, $own, $at): array {
            $ladder = Ladder::of([$own, $proof], 1, true, ['voice' => 'Tansy'], $since === null ? [] : ['voice' => $at($since)]);

            return [$ladder->outcome($ladder->into('voice') ?? Rung::Hub), $ladder->outcome(Rung::Hub)];
        };

        self::assertSame([Outcome::Passed, Outcome::Passed], $outcome(null));
        self::assertSame([Outcome::Passed, Outcome::Passed], $outcome('10:00'), 'shown as soon as it was made');
        self::assertSame([null, Outcome::Passed], $outcome('10:01'), 'the rungs below stand as they were shown');
    }

    public function test_the_same_again_is_no_news(): void
    {
        $ladder = Ladder::of([new Proof(Rung::Hub, Outcome::Passed, 1)], 1, true);

        self::assertFalse($ladder->isNews(Shown::byCommand('off')));
        self::assertTrue($ladder->isNews(Shown::byFailedCommand('no answer')));
        self::assertTrue($ladder->isNews(Shown::byJoining()));
    }

    public function test_a_rung_is_called_what_the_device_has(): void
    {
        self::assertSame(['By hand', 'Its own radio', 'Hub'], array_map(static fn (Rung $rung): string => $rung->words(), Rung::own()));
        self::assertSame('Its own remote', Rung::Radio->words(Joining::Taught));
        self::assertSame('Its own bus', Rung::Radio->words(Joining::Addressed));
    }

    /** @return list<Outcome|null> */
    private function outcomes(Ladder $ladder): array
    {
        return array_map($ladder->outcome(...), Rung::own());
    }

    private static function profile(string $capability): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p',
            'name' => 'P',
            'model' => 'M',
            'protocol' => 'zigbee',
            'role' => 'end',
            'power' => 'battery',
            'capabilities' => [$capability],
        ]));
    }
}
