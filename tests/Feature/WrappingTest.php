<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bridging\JobBridging;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\BridgeSheet;
use App\Models\Ecosystem;
use App\Models\EndReading;
use App\Models\SlotSetting;
use App\Models\Wrapper;
use Illuminate\Http\Client\Events\RequestSending;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Event;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;
use Tests\StandsInForEcosystems;
use Tests\TestCase;

/** A function that an ecosystem does not know is shown there as another, which the hub makes of it. */
final class WrappingTest extends TestCase
{
    use StandsInForEcosystems;

    private const PAGE = '/jobs/lantern-house/bridge';

    private const WRAPPERS = '/jobs/lantern-house/wrappers';

    private const TILT = ['slot' => 'chart-blind', 'ecosystem' => 'voice', 'wrapping' => 'tilt-as-cover'];

    private const EXPORT = 'from hub-box as matter-bridge to ecosystem voice';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->siteJob()->update(['bridge_policy' => Policy::LocalFirst]);
        BridgeBox::query()->where('key', 'export-box')->update(['is_owned' => true]);
        $this->standIn();
    }

    public function test_what_is_lost_is_offered_as_what_the_hub_can_make_of_it_and_then_nobody_is_told_of_it(): void
    {
        $this->get(self::PAGE)->assertSee('Tansy does not know tilt.')->assertSeeInOrder(['Show its tilt as open and close', 'siren']);
        $this->post(self::WRAPPERS, self::TILT)->assertRedirect(self::PAGE);

        $this->get(self::PAGE)->assertDontSee('Tansy does not know tilt.')->assertSee('32 wants, 31 met');
        self::assertTrue($this->logged('The chart room window blind is to show in Tansy as open and close.'));
        $this->post(self::WRAPPERS, self::TILT)->assertSessionHasErrors('wrapping');
        self::assertSame(1, Wrapper::query()->count());
    }

    public function test_nothing_is_wrapped_that_is_not_lost_or_can_not_be(): void
    {
        foreach ([['ecosystem' => 'phone'], ['slot' => 'siren', 'ecosystem' => 'phone'], ['wrapping' => 'leak-as-contact']] as $other) {
            $this->post(self::WRAPPERS, [...self::TILT, ...$other])->assertSessionHasErrors('wrapping');
        }
        $this->post(self::WRAPPERS, ['wrapping' => 'tilt-as-lamp'] + self::TILT)->assertSessionHasErrors('wrapping');
        $this->post(self::WRAPPERS, ['slot' => 'nobody'] + self::TILT)->assertSessionHasErrors('slot');
        self::assertSame(0, Wrapper::query()->count());
    }

    public function test_it_is_driven_to_both_ends_and_the_hub_makes_it_of_what_it_said_there(): void
    {
        $wrapper = $this->chosen();
        $this->get(self::PAGE)->assertSee('Turn its slats fully open')->assertSee('0 of 6')->assertSee('Drive it open');
        $this->drive($wrapper, true);
        $this->get(self::PAGE)->assertSee('Turn its slats fully closed')->assertSee('1 of 6');
        foreach ([false, true, false, true, false] as $isOpen) {
            $this->drive($wrapper, $isOpen);
        }
        [$open, $closed] = [$wrapper->refresh()->saidAt(true), $wrapper->saidAt(false)];
        self::assertCount(3, array_filter($open, static fn (float $one): bool => $one >= 86 && $one <= 93));
        self::assertCount(3, array_filter($closed, static fn (float $one): bool => $one >= 0 && $one <= 4));

        $this->get(self::PAGE)->assertSee('Have it shown as open and close')->assertSee('Chart room window blind slats')
            ->assertSee('Have Hub make it');
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'open']);
        $wrapper->refresh();
        self::assertTrue($wrapper->isMade());
        self::assertLessThan(min([100.0, ...$open]), (float) $wrapper->open_at);
        self::assertLessThan((float) $wrapper->open_at, (float) $wrapper->closed_at);
        self::assertGreaterThan(max([0.0, ...$closed]), (float) $wrapper->closed_at);

        $made = $this->fold()->ecosystems->boxes['hub-box']->made['chart-blind as cover'];
        self::assertSame(
            [(float) $wrapper->open_at, (float) $wrapper->closed_at, 'Chart room window blind slats'],
            [$made->threshold?->open, $made->threshold?->closed, $made->name],
        );
        self::assertNotNull($wrapper->mark);
        self::assertTrue($this->logged('shows as open and close: open from'));
    }

    public function test_what_the_hub_makes_goes_into_the_list_and_shows_open_and_closed_there(): void
    {
        $wrapper = $this->made();
        $this->linkVoice();
        $shown = $this->fold()->ecosystems->boxes['hub-box']->shown['matter-bridge'];
        self::assertContains('chart-blind as cover', $shown);
        self::assertNotContains('chart-blind', $shown, 'it comes in by a share of its own');

        $voice = Ecosystem::query()->where('key', 'voice')->firstOrFail();
        $entry = array_values(array_filter($voice->shownDevices(), static fn ($one): bool => $one->mark === $wrapper->mark))[0] ?? null;
        self::assertSame([['cover'], 'Chart room window blind slats'], [$entry?->capabilities, $entry->name ?? '']);
        $this->drive($wrapper, true);
        self::assertSame('open', $this->reads('voice', (string) $wrapper->mark));
        $this->drive($wrapper, false);
        self::assertSame('closed', $this->reads('voice', (string) $wrapper->mark));

        $this->post('/jobs/lantern-house/slots/chart-blind/proofs', [
            'rung' => 'ecosystem', 'ecosystem' => 'voice as cover', 'outcome' => 'passed', 'from' => 'bridge',
        ])->assertSessionHasNoErrors();
        $this->post('/jobs/lantern-house/slots/chart-blind/proofs', [
            'rung' => 'ecosystem', 'ecosystem' => 'voice as lamp', 'outcome' => 'passed', 'from' => 'bridge',
        ])->assertSessionHasErrors('ecosystem');
        self::assertTrue($this->logged('Tansy, as open and close: shown of the'));
        $bridging = $this->bridging();
        $proved = array_filter($bridging->plan()->paths, $bridging->isProved(...));
        self::assertSame(['chart-blind as cover'], array_values(array_map(static fn (Path $one): string => $one->want->device, $proved)));
        $this->get('/jobs/lantern-house/bridge?slot=chart-blind')->assertSee('Tansy, as open and close');
    }

    public function test_what_was_made_on_the_hub_by_hand_is_found_there_and_goes_into_the_list(): void
    {
        $wrapper = $this->chosen();
        foreach ([[1, 86], [0, 0], [1, 93], [0, 4], [1, 91], [0, 2]] as [$open, $value]) {
            $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => $open, 'value' => (string) $value]);
        }
        $this->byHand([
            'box' => 'hub-box', 'act' => 'wrap', 'device' => 'chart-blind', 'make' => 'tilt-as-cover', 'name' => 'Something else',
            'default' => 'closed', 'open' => 82, 'closed' => 75,
        ]);
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed', 'by_hand' => '1']);
        $this->get(self::PAGE."?at=wrap+{$wrapper->id}")->assertSee('Nobody takes it out on the hub by itself');
        $this->linkVoice();

        self::assertSame($this->house()->devices['chart-blind']->address.'#cover', $wrapper->refresh()->mark);
        self::assertContains('chart-blind as cover', $this->fold()->ecosystems->boxes['hub-box']->shown['matter-bridge']);
        self::assertTrue($this->bridging()->links()[self::EXPORT]->run->isMade());
    }

    public function test_a_wrapper_that_comes_late_opens_the_list_of_its_link_again(): void
    {
        $this->chosen();
        $this->linkVoice();
        self::assertTrue($this->bridging()->links()[self::EXPORT]->run->isMade());
        $this->make(Wrapper::query()->sole());
        $run = $this->bridging()->links()[self::EXPORT]->run;
        self::assertFalse($run->isMade());
        $this->get(self::PAGE)->assertSee('Set the names at the source');
    }

    public function test_it_is_driven_by_one_person_at_a_time(): void
    {
        $wrapper = $this->chosen();
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1]);
        $this->as('idris')->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 0])->assertSessionHasErrors('reading');
        self::assertStringContainsString('drives it just now', (string) session('errors')->first('reading'));
        $this->get(self::PAGE)->assertSee('It is being driven open')->assertSee('Mara Lindqvist has it driven.');
        $this->get(self::PAGE)->assertSee('Read it off by hand');
        Carbon::setTestNow(now()->addSeconds(91));
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertSee('Nothing was heard of it');
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1])->assertSessionHasNoErrors();
    }

    public function test_a_hub_without_power_measures_nothing_and_a_person_can_read_it_off(): void
    {
        $wrapper = $this->chosen();
        $this->hands('unplug');
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1]);
        $this->get(self::PAGE)->assertSee('Once more, open')->assertSee('0 of 6');
        foreach ([[1, '86'], [0, '0'], [1, '93'], [0, '4'], [1, '91'], [0, '2']] as [$open, $value]) {
            $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => $open, 'value' => $value])->assertSessionHasNoErrors();
        }
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1, 'value' => '101'])->assertSessionHasErrors('value');
        $this->get(self::PAGE)->assertSee('86 · 93 · 91')->assertSee('open from 82 % up');
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed']);
        $this->get(self::PAGE)->assertSee('does not answer')->assertSee('It is made there by hand');
        self::assertFalse($wrapper->refresh()->isMade());

        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed', 'by_hand' => '1']);
        self::assertTrue($wrapper->refresh()->isMade());
        self::assertNull($wrapper->mark, 'nobody knows it');
    }

    public function test_a_drive_of_which_nothing_is_heard_is_read_off_by_hand_and_waited_for_no_longer(): void
    {
        $wrapper = $this->chosen();
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1]);
        $this->hands('unplug');
        $this->get(self::PAGE)->assertSee('It is being driven open');
        $this->as('idris')->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1, 'value' => '88'])->assertSessionHasNoErrors();

        $this->get(self::PAGE)->assertSee('Turn its slats fully closed')->assertSee('1 of 6');
        self::assertSame([88.0], $wrapper->unsetRelations()->saidAt(true));
    }

    public function test_while_nobody_hears_the_hub_nothing_says_that_it_is_being_driven(): void
    {
        $wrapper = $this->chosen();
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1]);
        $this->hands('unplug');
        $this->listen();
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertSee('Nobody hears where it stands')->assertDontSee('It is being driven open')
            ->assertSee('Read it off by hand');
    }

    public function test_one_reading_is_taken_back_and_the_others_stay(): void
    {
        $wrapper = $this->chosen();
        $readings = self::WRAPPERS."/{$wrapper->id}/readings";
        foreach ([[1, '88'], [0, '2'], [1, '9.3']] as [$open, $value]) {
            $this->post($readings, ['open' => $open, 'value' => $value]);
        }
        $page = (string) $this->get(self::PAGE)->assertSee('Take back “open, 9.3 %”')->getContent();
        preg_match('/name="reading" value="(\d+)"/', $page, $found);
        $this->as('idris')->delete($readings, ['reading' => $found[1] ?? ''])->assertSessionHasNoErrors();
        // Mara has seen the same page, and presses it too.
        $this->as('mara')->delete($readings, ['reading' => $found[1] ?? ''])->assertSessionHasNoErrors();

        self::assertSame([[88.0], [2.0]], [$wrapper->unsetRelations()->saidAt(true), $wrapper->saidAt(false)]);
        self::assertTrue($this->logged('Taken back of the window blind: open, 9.3 %.'));
        $this->get(self::PAGE)->assertSee('2 of 6')->assertSee('Take back “closed, 2 %”');
    }

    public function test_a_reading_is_taken_back_of_its_own_wrapper_alone(): void
    {
        $wrapper = $this->chosen();
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => 1, 'value' => '88']);
        $other = $wrapper->replicate()->fill(['wrapping' => 'level-as-activity']);
        $other->save();
        $this->delete(self::WRAPPERS."/{$other->id}/readings", ['reading' => EndReading::query()->sole()->id]);

        self::assertSame(1, EndReading::query()->count());
    }

    public function test_nobody_does_without_what_the_hub_is_making_just_now(): void
    {
        $wrapper = $this->chosen();
        $wrapper->update(['asked_at' => now()]);
        $this->delete(self::WRAPPERS."/{$wrapper->id}")->assertSessionHasErrors('wrapping');
        Carbon::setTestNow(now()->addSeconds(31));
        $this->siteJob()->touchLive();
        $this->get(self::PAGE."?at=wrap+{$wrapper->id}")->assertSee('No answer came: see whether Hub is on');
        $this->delete(self::WRAPPERS."/{$wrapper->id}")->assertSessionHasNoErrors();
    }

    public function test_what_was_done_without_while_the_hub_was_slow_is_taken_out_there_again(): void
    {
        $wrapper = $this->chosen();
        Event::listen(static function (RequestSending $sending) use ($wrapper): void {
            if (str_ends_with($sending->request->url(), '/wrappers')) {
                Wrapper::query()->whereKey($wrapper->id)->delete();
            }
        });
        foreach ([[1, '86'], [0, '0'], [1, '93'], [0, '4'], [1, '91'], [0, '2']] as [$open, $value]) {
            $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => $open, 'value' => $value]);
        }
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed'])->assertSessionHasNoErrors();

        self::assertSame(0, Wrapper::query()->count());

        self::assertSame([], $this->fold()->ecosystems->boxes['hub-box']->made);
        self::assertFalse($this->logged('The chart room window blind shows as open and close'));
    }

    public function test_what_nobody_wants_any_more_is_no_work(): void
    {
        $wrapper = $this->chosen();
        $this->siteJob()->wants()->where('function', 'slats')->where('wanted_from', 'voice')->delete();
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertDontSee('Turn its slats');
        $this->get(self::PAGE."?at=wrap+{$wrapper->id}")->assertSee('Do without it');
        Ecosystem::query()->where('key', 'voice')->delete();
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertOk()->assertDontSee('Turn its slats');
    }

    public function test_ends_that_are_told_alike_are_taught_anew(): void
    {
        $wrapper = $this->chosen();
        foreach ([[1, 50], [0, 45], [1, 60], [0, 52], [1, 55], [0, 50]] as [$open, $value]) {
            $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => $open, 'value' => (string) $value]);
        }
        $this->get(self::PAGE)->assertSee('Its ends are told alike')->assertSee('Its ends are taught anew');
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed'])->assertSessionHasErrors('wrapping');
        $this->delete(self::WRAPPERS."/{$wrapper->id}/readings");
        self::assertSame(0, EndReading::query()->count());
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed'])->assertSessionHasErrors('wrapping');
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'ajar'])->assertSessionHasErrors('default');
    }

    public function test_another_device_in_its_place_is_measured_anew(): void
    {
        $wrapper = $this->made();
        $node = $wrapper->slot->node()->firstOrFail()->replicate()->fill(['address' => '02B4D1FFFFFFFFFF']);
        $node->save();
        $wrapper->slot->update(['node_id' => $node->id]);
        $this->siteJob()->touchLive();

        self::assertFalse($wrapper->refresh()->isMade());
        self::assertSame([], $wrapper->saidAt(true), 'the other one said that');
    }

    public function test_doing_without_it_takes_it_out_at_the_hub_and_the_want_is_unmet_again(): void
    {
        $wrapper = $this->made();
        $this->get(self::PAGE."?at=wrap+{$wrapper->id}")->assertSee('It shows as open and close')->assertSee('Do without it');
        $this->delete(self::WRAPPERS."/{$wrapper->id}")->assertRedirect(self::PAGE);

        self::assertSame([], $this->fold()->ecosystems->boxes['hub-box']->made);
        $this->get(self::PAGE)->assertSee('Tansy does not know tilt.');
    }

    public function test_a_hub_that_makes_nothing_any_more_leaves_the_want_unmet_with_a_way_out(): void
    {
        $wrapper = $this->made();
        $sheet = BridgeSheet::query()->where('key', 'own-hub')->firstOrFail();
        $sheet->update(['data' => ['wraps' => false] + $sheet->data]);
        $this->siteJob()->touchLive();
        $page = (string) $this->get(self::PAGE)->assertSee('No box takes chart room window blind slats in')->getContent();
        preg_match('/at=row\+([0-9a-f]+)"[^>]*aria-label="Chart room window blind/', $page, $row);
        $this->get(self::PAGE.'?at=row+'.($row[1] ?? ''))->assertSee('What was to be made of it');
        $this->get(self::PAGE."?at=wrap+{$wrapper->id}")->assertSee('Do without it');
        $this->delete(self::WRAPPERS."/{$wrapper->id}");

        $this->get(self::PAGE)->assertSee('Tansy does not know tilt.');
    }

    public function test_one_whose_device_is_off_the_plan_is_out_of_sight_until_that_is_put_back(): void
    {
        $this->chosen();
        $this->delete('/jobs/lantern-house/slots/chart-blind/node')->assertSessionHasNoErrors();
        $this->delete('/jobs/lantern-house/slots/chart-blind')->assertSessionHasNoErrors();
        $this->get(self::PAGE)->assertOk()->assertDontSee('slats');
        $this->get('/jobs/lantern-house/export')->assertOk();
        self::assertSame(0, $this->siteJob()->wrappers()->count());
        $this->put('/jobs/lantern-house/slots/chart-blind/removal')->assertSessionHasNoErrors();
        self::assertSame(1, $this->siteJob()->wrappers()->count());
        $this->get(self::PAGE)->assertOk();
    }

    public function test_it_travels_with_its_job(): void
    {
        $wrapper = $this->made();
        $file = json_decode((string) $this->get('/jobs/lantern-house/export')->getContent(), true);

        self::assertSame(
            ['chart-blind', 'tilt-as-cover', 'hub-box', ['voice'], 'closed', $wrapper->mark, 6],
            [
                $file['wrappers'][0]['slot'], $file['wrappers'][0]['wrapping'], $file['wrappers'][0]['box'],
                $file['wrappers'][0]['ecosystems'], $file['wrappers'][0]['default'], $file['wrappers'][0]['mark'],
                count($file['wrappers'][0]['readings']),
            ],
        );
        $upload = UploadedFile::fake()->createWithContent('job.json', (string) json_encode($file));
        $this->post('/job-files', ['file' => $upload, 'again' => 1])->assertSessionHasNoErrors();
        $copy = Wrapper::query()->with(['slot', 'readings'])->latest('id')->firstOrFail();
        self::assertNotSame($wrapper->site_job_id, $copy->site_job_id);
        self::assertTrue($copy->isMade());
        self::assertEquals($wrapper->threshold(), $copy->threshold());
        self::assertSame($wrapper->unsetRelations()->saidAt(true), $copy->saidAt(true));
        self::assertSame($wrapper->made_name, $copy->made_name);
    }

    public function test_a_device_that_has_such_a_setting_is_set_alike(): void
    {
        $profile = $this->slot('chart-blind')->profile;
        $profile->update(['data' => ['settings' => [
            ['name' => 'open-from', 'words' => 'Counts as open from', 'unit' => '%', 'least' => 50, 'most' => 99],
        ]] + $profile->data]);
        $wrapper = $this->made();

        self::assertSame(
            (string) (int) $wrapper->open_at,
            SlotSetting::query()->where('slot_id', $wrapper->slot_id)->where('name', 'open-from')->value('actual'),
        );
    }

    private function chosen(): Wrapper
    {
        $this->post(self::WRAPPERS, self::TILT);
        $this->get(self::PAGE);
        preg_match('/name="seen" value="([^"]+)"/', (string) $this->get(self::PAGE)->getContent(), $found);
        $this->post('/jobs/lantern-house/told-losses', ['seen' => $found[1] ?? '']);

        return Wrapper::query()->sole();
    }

    private function made(): Wrapper
    {
        return $this->make($this->chosen());
    }

    private function make(Wrapper $wrapper): Wrapper
    {
        foreach ([true, false, true, false, true, false] as $isOpen) {
            $this->drive($wrapper, $isOpen);
        }
        $this->post(self::WRAPPERS."/{$wrapper->id}/made", ['default' => 'closed'])->assertSessionHasNoErrors();

        return $wrapper->refresh();
    }

    private function drive(Wrapper $wrapper, bool $isOpen): void
    {
        $this->post(self::WRAPPERS."/{$wrapper->id}/readings", ['open' => $isOpen ? 1 : 0])->assertSessionHasNoErrors();
        $this->pass(3);
        $this->listen();
        $wrapper->unsetRelations();
    }

    private function reads(string $ecosystem, string $mark): ?string
    {
        $this->pass(5);
        $this->post("/jobs/lantern-house/ecosystems/{$ecosystem}/readings", ['lens' => 'names']);
        foreach (Ecosystem::query()->where('key', $ecosystem)->firstOrFail()->shownDevices() as $one) {
            if ($one->mark === $mark) {
                return $one->values['cover'] ?? null;
            }
        }

        return null;
    }

    private function linkVoice(): void
    {
        $act = fn (int $number, string $said = ''): TestResponse => $this->post('/jobs/lantern-house/link-acts', [
            'link' => self::EXPORT, 'number' => $number, 'said' => $said,
        ]);
        $tell = fn (int $number): TestResponse => $this->post('/jobs/lantern-house/link-tellings', [
            'link' => self::EXPORT, 'number' => $number,
        ]);
        $this->byHand(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $act(0);
        $tell(1);
        $act(2);
        $act(3, 'Odile Harrow');
        $tell(4);
        $this->byHand(['of' => 'voice', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $code = BridgeLink::query()->where('key', self::EXPORT)->sole()->window_code;
        $this->byHand(['of' => 'voice', 'act' => 'scan', 'code' => $code]);
        $act(5);
        $act(6);
        $this->pass(20);
        $tell(7);
    }

    private function bridging(): JobBridging
    {
        return JobBridging::of(JobSheet::of($this->siteJob()));
    }
}
