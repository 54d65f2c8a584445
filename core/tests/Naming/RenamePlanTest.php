<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Naming;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\Rename;
use Kavvel\Core\Naming\RenamePlan;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\TestCase;

final class RenamePlanTest extends TestCase
{
    use TestTrait;

    public function test_only_what_changes_is_told(): void
    {
        $devices = [$this->device('a', 'Hall light'), $this->device('b', 'Bath light')];
        $plan = $this->plan($devices, ['a' => 'Hall  light', 'b' => 'Bath lamp']);

        self::assertSame([['b', 'Bath light', 'Bath lamp']], $this->told($plan));
        self::assertSame(['bath_light', 'bath_lamp', true], [
            $plan->renames[0]->slugFrom, $plan->renames[0]->slugTo, $plan->renames[0]->changesId(),
        ]);
    }

    public function test_names_are_judged_as_they_will_be_and_not_as_they_are(): void
    {
        $devices = [$this->device('a', 'Hall light'), $this->device('b', 'Bath light')];
        self::assertCount(2, $this->plan($devices, ['a' => 'Bath light', 'b' => 'Hall light'])->good(), 'two may change their names');

        $one = $this->plan($devices, ['a' => 'Bath light']);
        self::assertSame([], $one->good());
        self::assertStringContainsString('2 devices are called “Bath light”', $one->renames[0]->refusals[0]);
    }

    public function test_no_name_is_taken_from_one_that_keeps_it(): void
    {
        $devices = [$this->device('a', 'Hall light'), $this->device('b', 'Bath light')];
        $plan = $this->plan($devices, ['a' => 'Bath light', 'b' => '…']);

        self::assertSame([], $plan->good());
        self::assertSame(['a', 'b'], array_map(static fn (Rename $one): string => $one->id, $plan->renames));
    }

    public function test_what_could_be_mixed_up_is_a_warning(): void
    {
        $plan = $this->plan([$this->device('a', 'Hall light'), $this->device('b')], ['b' => 'Hall lights']);

        self::assertCount(1, $plan->good());
        self::assertStringContainsString('one letter or a plural apart', $plan->renames[0]->warnings[0]);
        self::assertNull($plan->renames[0]->from);
        self::assertFalse($plan->renames[0]->changesId());
    }

    public function test_a_name_that_its_device_does_not_take_is_refused(): void
    {
        $long = 'The very long name of a thread window contact';
        $plan = $this->plan([$this->device('a', 'Window', Protocol::Thread)], ['a' => $long]);

        self::assertFalse($plan->renames[0]->isGood());
        self::assertStringContainsString('takes 32', $plan->renames[0]->refusals[0]);
        $empty = $this->plan([$this->device('a', 'Lamp')], ['a' => '…'])->renames[0];
        self::assertSame(['A name needs at least one letter or digit.'], $empty->refusals);
    }

    public function test_what_is_written_to_the_device_is_the_form_that_fits_it(): void
    {
        $zwave = new Device('a', 'Chart room', 'yard door', 'contact', Protocol::ZWave);
        $plan = $this->plan([$zwave], ['a' => 'Chart room yard door contact']);

        self::assertTrue($plan->renames[0]->isGood());
        self::assertLessThanOrEqual(16, strlen($plan->renames[0]->label->name));
        self::assertSame('Chart room', $plan->renames[0]->label->place);
        $zigbee = $this->plan([$this->device('b')], ['b' => 'Chart room yard door contact'])->renames[0]->label;
        self::assertSame(['Chart room yard door contact', null], [$zigbee->name, $zigbee->place]);
    }

    public function test_the_pattern_names_all_or_those_without_a_name(): void
    {
        $devices = [$this->device('a', 'Old'), $this->device('b')];

        self::assertSame(
            ['a' => 'Hall wall light 1', 'b' => 'Hall wall light 2'],
            RenamePlan::byPattern($this->pattern(), $devices, false),
        );
        self::assertSame(['b' => 'Hall wall light 2'], RenamePlan::byPattern($this->pattern(), $devices, true));
    }

    public function test_words_are_swapped_whole_and_keep_their_capitals(): void
    {
        $devices = [
            $this->device('a', 'Hall lamp'), $this->device('b', 'Lamp by the clamp'), $this->device('c', 'Hall light'), $this->device('d'),
        ];

        self::assertSame(
            ['a' => 'Hall reading light', 'b' => 'Reading light by the clamp'],
            RenamePlan::swapped($devices, ' lamp ', 'reading light'),
        );
        self::assertSame(['a' => 'Hall'], RenamePlan::swapped([$devices[0]], 'lamp', ''));
        self::assertSame(['e' => 'Hall light'], RenamePlan::swapped([$this->device('e', 'Hall lAMP')], 'lamp', 'light'));
        self::assertSame([], RenamePlan::swapped($devices, '  ', 'x'));
        self::assertSame([], RenamePlan::swapped($devices, '.*', 'x'));
    }

    public function test_the_mark_is_that_of_the_changes(): void
    {
        $devices = [$this->device('a', 'Hall light')];

        self::assertSame($this->plan($devices, ['a' => 'Lamp'])->mark(), $this->plan($devices, ['a' => 'Lamp'])->mark());
        self::assertNotSame($this->plan($devices, ['a' => 'Lamp'])->mark(), $this->plan($devices, ['a' => 'Lamps'])->mark());
    }

    public function test_after_the_good_ones_no_two_have_one_name(): void
    {
        $names = ['Lamp', 'Hall lamp', 'lamp', 'Bath lamp', 'Door'];
        $this->forAll(Generators::vector(5, Generators::elements($names)), Generators::vector(5, Generators::elements($names)))
            ->then(function (array $given, array $wanted): void {
                $given = array_values(array_unique(array_map(mb_strtolower(...), $given)));
                $devices = [];
                foreach ($given as $at => $name) {
                    $devices[] = $this->device("d{$at}", $name);
                }
                $then = array_combine(array_map(static fn (Device $one): string => $one->id, $devices), $given);
                $plan = $this->plan($devices, array_slice(array_combine(array_map(
                    static fn (int $at): string => "d{$at}",
                    array_keys($wanted),
                ), $wanted), 0, count($devices)));
                foreach ($plan->good() as $rename) {
                    $then[$rename->id] = mb_strtolower($rename->to);
                }

                self::assertCount(count($then), array_unique($then));
            });
    }

    /**
     * @param  list<Device>  $devices
     * @param  array<string, string>  $wanted
     */
    private function plan(array $devices, array $wanted): RenamePlan
    {
        return RenamePlan::of($this->pattern(), $devices, new ConflictCheck([], [], []), $wanted);
    }

    private function pattern(): Pattern
    {
        return new Pattern(Pattern::STANDARD);
    }

    private function device(string $id, ?string $given = null, Protocol $protocol = Protocol::Zigbee): Device
    {
        return new Device($id, 'Hall', 'wall', 'light', $protocol, $given);
    }

    /** @return list<array{string, string|null, string}> */
    private function told(RenamePlan $plan): array
    {
        return array_map(static fn (Rename $one): array => [$one->id, $one->from, $one->to], $plan->renames);
    }
}
