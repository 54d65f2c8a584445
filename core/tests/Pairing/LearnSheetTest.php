<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\LearnAct;
use Kavvel\Core\Pairing\LearnKey;
use Kavvel\Core\Pairing\LearnSchool;
use Kavvel\Core\Pairing\LearnSheet;
use Kavvel\Core\Pairing\LearnStep;
use PHPUnit\Framework\TestCase;

final class LearnSheetTest extends TestCase
{
    use TestTrait;

    public function test_a_preset_is_tried_before_a_key_is_learnt_and_what_is_learnt_is_tried_at_once(): void
    {
        $key = LearnKey::wanted('Power', true);
        $step = static fn (LearnKey $one): LearnStep => $one->step(LearnSchool::PresetFirst);

        self::assertSame([LearnStep::TryPreset, 'open'], [$step($key), $key->source()]);
        $works = $key->after(LearnAct::PresetWorks);
        self::assertSame([LearnStep::Done, 'by the preset'], [$step($works), $works->source()]);
        $fails = $key->after(LearnAct::PresetFails);
        self::assertSame([LearnStep::Learn, 'not by the preset'], [$step($fails), $fails->source()]);
        $learnt = $fails->after(LearnAct::Learnt);
        self::assertSame([LearnStep::Try, 'learnt'], [$step($learnt), $learnt->source()]);
        self::assertSame(LearnStep::Done, $step($learnt->after(LearnAct::Works)));
        self::assertSame(LearnStep::Learn, $step($learnt->after(LearnAct::Fails)));
    }

    public function test_the_other_school_learns_every_key(): void
    {
        $key = LearnKey::wanted('Up', false);

        self::assertSame(LearnStep::Learn, $key->step(LearnSchool::LearnAll));
        self::assertSame(LearnStep::Try, $key->after(LearnAct::Learnt)->step(LearnSchool::LearnAll));
    }

    public function test_a_sheet_goes_key_by_key_to_its_end(): void
    {
        $this->forAll(
            Generators::seq(Generators::elements(LearnAct::cases())),
            Generators::elements(LearnSchool::cases()),
        )->then(static function (array $acts, LearnSchool $school): void {
            $key = LearnKey::wanted('Power', true);
            foreach ($acts as $act) {
                $before = $key;
                $key = $key->after($act);
                $mayWork = in_array($act, [LearnAct::PresetWorks, LearnAct::Works], true);
                self::assertTrue($key->works !== true || $mayWork || $before === $key);
            }
            self::assertSame($key->works === true, $key->step($school) === LearnStep::Done);
            self::assertSame($key->works === true, (new LearnSheet([$key], $school))->isDone());
        });
    }

    public function test_what_is_left_and_what_has_no_state(): void
    {
        $done = LearnKey::wanted('Up', false)->after(LearnAct::PresetWorks);
        $open = LearnKey::wanted('Power', true);
        $sheet = new LearnSheet([$done, $open, LearnKey::wanted('Stop', false)], LearnSchool::PresetFirst);

        self::assertSame($open, $sheet->next());
        self::assertSame([1, [$open], false], [$sheet->countDone(), $sheet->stateless(), $sheet->isDone()]);
        self::assertFalse((new LearnSheet([], LearnSchool::PresetFirst))->isDone(), 'nothing taught is not done');
        self::assertSame('Send “Power” from the preset', LearnStep::TryPreset->sentence('Power'));
        self::assertCount(4, array_unique(array_map(static fn (LearnStep $one): string => $one->sentence('x'), LearnStep::cases())));
        foreach (LearnSchool::cases() as $school) {
            self::assertNotSame('', $school->words().$school->why());
        }
    }

    public function test_what_is_taught_first_comes_from_what_a_device_can(): void
    {
        $names = fn (array $capabilities, bool $toggles): array => array_map(
            static fn (LearnKey $key): array => [$key->name, $key->toggles],
            LearnSheet::wanted($this->profile(array_values($capabilities)), $toggles),
        );

        self::assertSame([['On', false], ['Off', false]], $names(['on-off'], false));
        self::assertSame([['Power', true]], $names(['on-off'], true));
        self::assertSame([['Up', false], ['Stop', false], ['Down', false]], $names(['cover'], true));
        self::assertSame([['Power', true]], $names(['display'], false));
        self::assertSame([['Power', true], ['Brighter', false], ['Darker', false]], $names(['on-off', 'level'], true));
    }

    /** @param list<string> $capabilities */
    private function profile(array $capabilities): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'x', 'name' => 'X', 'model' => 'X', 'protocol' => 'ir', 'role' => 'end', 'power' => 'mains',
            'capabilities' => $capabilities,
        ]));
    }
}
