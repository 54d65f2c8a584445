<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\Models\CrossRun;
use App\Models\Ecosystem;
use App\Models\Slot;
use App\Stations\Bridge\CrossStep;
use App\Stations\HandOver\PackContent;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use Kavvel\Core\Bridging\CrossTest;
use Kavvel\Core\Bridging\CrossVerdict;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\ShownDevice;
use Kavvel\Standin\Ecosystems\ShareWindow;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\StandsInForEcosystems;
use Tests\TestCase;
use Tests\TriesFromAllSides;

/** A device is operated from every ecosystem that shows it, and looked at in every one. */
final class CrossingTest extends TestCase
{
    use StandsInForEcosystems;
    use TriesFromAllSides;

    private const PAGE = '/jobs/lantern-house/bridge?at=cross+signal-dimmer';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->siteJob()->update(['bridge_policy' => Policy::LocalFirst]);
    }

    public function test_all_who_see_it_in_time_are_found_and_it_is_put_back(): void
    {
        $this->begin();
        $this->get(self::PAGE)->assertOk()->assertSee('It is being tried')->assertSee('Stop it');
        $this->goThrough();
        $this->post('/jobs/lantern-house/ecosystems/voice/readings');
        $run = CrossRun::query()->firstOrFail();

        self::assertCount(2 * CrossTest::TRIES, $run->orders);
        self::assertTrue($run->result()->isGood(), (string) json_encode($run->sights));
        self::assertSame('off', $run->before);
        self::assertSame('off', $this->shown('voice')->values['on-off'], 'as it was found');
        $this->get(self::PAGE)->assertSee('Everybody sees it in time')->assertSee('worst 0.')->assertSee('Try it once more');
        self::assertTrue($this->logged('Tried from all sides: signal room ceiling dimmer.'));
    }

    #[TestWith(['late', CrossVerdict::Straggles, 'is late'])]
    #[TestWith(['reversed', CrossVerdict::Reversed, 'shows it the wrong way round'])]
    #[TestWith(['nothing', CrossVerdict::Silent, 'gets no feedback'])]
    public function test_a_straggler_a_reversal_and_no_feedback_are_told_apart(string $sees, CrossVerdict $verdict, string $words): void
    {
        $this->begin(['sights' => [['ecosystem' => 'phone', 'device' => 'signal-dimmer', 'sees' => $sees]]]);
        $this->goThrough();
        $result = CrossRun::query()->firstOrFail()->result();

        self::assertSame($verdict, $result->cell('voice', 'phone')->verdict);
        self::assertSame($verdict, $result->cell('phone', 'phone')->verdict);
        self::assertTrue($result->cell('phone', 'voice')->verdict->isGood());
        $this->get(self::PAGE)->assertSee('One thing is not right')->assertSee("Wicket {$words}");
    }

    public function test_one_that_does_not_answer_stops_it_with_a_reason(): void
    {
        $this->begin();
        $this->step();
        $this->byHand(['act' => 'internet', 'on' => false]);
        $this->step();

        $this->get(self::PAGE)->assertSee('It was stopped')->assertSee('Tansy at http://standin.invalid/ecosystems/voice does not answer.')
            ->assertSee('Try it once more');
        self::assertFalse($this->step(), 'nothing goes on');
    }

    public function test_a_fault_becomes_a_snag_once_and_stands_in_the_pack(): void
    {
        $this->begin(['sights' => [['ecosystem' => 'phone', 'device' => 'signal-dimmer', 'sees' => 'late']]]);
        $this->goThrough();
        $fault = 'Wicket is late: its path leads over a cloud or polls. Do not let a rule wait for it.';
        $this->get(self::PAGE)->assertSee($fault)->assertSee('Raise a snag')->assertSee('with the device that is there now');
        $this->post('/jobs/lantern-house/snags', ['slot' => 'signal-dimmer', 'text' => $fault])->assertSessionHasNoErrors();
        $this->get(self::PAGE)->assertSee('A snag was raised for it.')->assertDontSee('Raise a snag');

        $content = PackContent::of(JobSheet::of($this->siteJob()));
        $pages = (string) view('packs.crossings', ['content' => $content, 'sheet' => JobSheet::of($this->siteJob())]);
        self::assertStringContainsString('Mara Lindqvist', $pages);
        self::assertStringContainsString($fault, $pages);
        self::assertMatchesRegularExpression('/Tansy<\/td>\s*<td>0\.\d, worst [01]\.\d<\/td>\s*<td>\d+\.\d, worst \d+\.\d, late/', $pages);
    }

    public function test_what_another_device_has_shown_says_nothing_of_the_one_that_is_there_now(): void
    {
        $this->begin();
        $this->goThrough();
        $slot = Slot::query()->where('key', 'signal-dimmer')->firstOrFail();
        $other = $slot->node()->firstOrFail()->replicate()->fill(['address' => '02A7C3FFFFFFFFFF']);
        $other->save();
        $slot->update(['node_id' => $other->id]);
        $this->siteJob()->touchLive();

        $this->get(self::PAGE)->assertDontSee('Everybody sees it in time');
        self::assertSame([], CrossRun::completed($this->siteJob()));
        self::assertSame([], json_decode((string) $this->get('/jobs/lantern-house/export')->getContent(), true)['crossings']);
    }

    public function test_it_travels_with_its_job(): void
    {
        $this->begin(['sights' => [['ecosystem' => 'phone', 'device' => 'signal-dimmer', 'sees' => 'reversed']]]);
        $this->goThrough();
        $run = CrossRun::query()->sole();
        $file = (string) $this->get('/jobs/lantern-house/export')->getContent();
        $upload = UploadedFile::fake()->createWithContent('job.json', $file);
        $this->post('/job-files', ['file' => $upload, 'again' => 1])->assertSessionHasNoErrors();
        $copy = CrossRun::query()->latest('id')->firstOrFail();

        self::assertNotSame($run->site_job_id, $copy->site_job_id);
        self::assertEquals($run->result(), $copy->result());
        self::assertEquals([$run->by, $run->ended_at, $run->places], [$copy->by, $copy->ended_at, $copy->places]);
        self::assertCount(1, CrossRun::completed($copy->job()->firstOrFail()));
    }

    public function test_what_is_stopped_does_not_stand_in_the_pack(): void
    {
        $this->begin();
        $this->step();
        $this->delete('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer']);

        self::assertSame([], CrossRun::completed($this->siteJob()));
    }

    public function test_two_do_not_try_at_once_and_anybody_stops_it(): void
    {
        $this->begin();
        $this->as('idris')->post('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer'])->assertSessionHasErrors('slot');
        self::assertSame(1, CrossRun::query()->count());
        $this->get('/jobs/lantern-house/bridge?at=cross+chart-dimmer')->assertSee('The signal room ceiling dimmer is being tried')
            ->assertSee('Look at that one');
        $this->delete('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer']);
        self::assertStringContainsString('stopped it', (string) CrossRun::query()->value('stopped_because'));
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer'])->assertSessionHasNoErrors();
        Carbon::setTestNow(now()->addMinutes(11));
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer'])->assertSessionHasNoErrors();
        self::assertSame(3, CrossRun::query()->count(), 'one that nobody goes on with blocks nobody');
        $this->as('wren')->post('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer'])->assertForbidden();
    }

    public function test_what_harms_is_not_tried_and_what_nobody_shows_neither(): void
    {
        $this->link();
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'front-lock'])->assertSessionHasErrors('slot');
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'hall-relay'])->assertSessionHasErrors('slot');
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'nobody'])->assertSessionHasErrors('slot');
        Slot::query()->where('key', 'signal-plug')->update(['load_what' => 'kettle', 'load_heats' => true]);
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'signal-plug'])->assertSessionHasErrors('slot');
        $this->get('/jobs/lantern-house/bridge?at=cross+signal-plug')->assertSee('it may not be switched again and again');
        Slot::query()->where('key', 'signal-plug')->update(['load_what' => 'lamp', 'load_heats' => false]);
        Queue::fake([CrossStep::class]);
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'signal-plug'])->assertSessionHasNoErrors();
    }

    /** @param array<string, mixed> $truth */
    private function begin(array $truth = []): void
    {
        $this->link($truth);
        Queue::fake([CrossStep::class]);
        $this->get(self::PAGE)->assertOk()->assertSee('It is switched 10 times from Tansy and from Wicket')->assertSee('Try it');
        $this->post('/jobs/lantern-house/crossings', ['slot' => 'signal-dimmer'])->assertRedirect();
    }

    /** @param array<string, mixed> $truth */
    private function link(array $truth = []): void
    {
        CrossRun::query()->delete();
        $this->standIn($truth);
        $this->byHand(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $this->byHand(['box' => 'hub-box', 'act' => 'open-window', 'ref' => 'one', 'seconds' => 900]);
        foreach (['voice', 'phone'] as $key) {
            $this->byHand(['of' => $key, 'act' => 'sign-in', 'by' => 'Odile Harrow']);
            $this->byHand(['of' => $key, 'act' => 'scan', 'code' => ShareWindow::open(4711, 'one', 'hub-box', null, 0)->code]);
        }
        $this->pass(60);
        foreach (['voice', 'phone'] as $key) {
            $this->post("/jobs/lantern-house/ecosystems/{$key}/readings");
        }
    }

    private function shown(string $key): ShownDevice
    {
        $mark = Slot::query()->with('node')->where('key', 'signal-dimmer')->firstOrFail()->node?->address;
        foreach (Ecosystem::query()->where('key', $key)->firstOrFail()->shownDevices() as $one) {
            if ($one->mark === $mark) {
                return $one;
            }
        }
        self::fail('It does not show there.');
    }
}
