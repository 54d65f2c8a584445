<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BridgeBox;
use App\Models\MeshReading;
use App\Models\Pack;
use App\Models\RadioLink;
use App\Models\Room;
use App\Models\Snag;
use App\Models\Storey;
use App\Stations\HandOver\MakePack;
use App\Stations\HandOver\PackPress;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class HandOverTest extends TestCase
{
    /** The cover ends with the list of contents */
    private const COVER = 1;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->as('mara');
    }

    public function test_nothing_is_handed_over_with_an_open_snag(): void
    {
        $this->get('/jobs/lantern-house/hand-over')->assertSee('Settle a snag')->assertSee('2 are open')->assertDontSee('Make pack');
        $this->htmx('POST', '/jobs/lantern-house/packs')
            ->assertStatus(422)
            ->assertSee('2 snags are open. Clear them, or have the client accept them by name.');

        self::assertSame(0, Pack::query()->count());
    }

    public function test_nothing_is_handed_over_with_something_that_was_opened_for_the_work(): void
    {
        Snag::query()->where('site_job_id', $this->siteJob()->id)->update(['state' => 'cleared']);
        $this->get('/jobs/lantern-house/hand-over')->assertSee('Close what was opened for the work')
            ->assertSee('Adhesive holds the window blind')->assertDontSee('Make pack');
        $this->htmx('POST', '/jobs/lantern-house/packs')->assertStatus(422)
            ->assertSee('Something that was opened for the work is not closed yet.');

        $this->post('/jobs/lantern-house/circuits/hall-lights/acts', ['act' => 'accept']);
        $this->get('/jobs/lantern-house/hand-over')->assertSee('“Hall and stair lights” is still worked on.')->assertSee('To')
            ->assertSee("2\u{a0}temporary");
        $this->post('/jobs/lantern-house/circuits/hall-lights/acts', ['act' => 'switch-on']);
        $this->delete('/jobs/lantern-house/temporary-states/keeper-blind-adhesive', ['from' => 'hand-over'])
            ->assertRedirect('/jobs/lantern-house/hand-over');
        $this->get('/jobs/lantern-house/hand-over')->assertSee('Make pack 1');
        self::assertTrue($this->logged('Closed: Adhesive holds the window blind.'));
    }

    public function test_a_snag_is_accepted_by_name(): void
    {
        $snag = Snag::query()->where('key', 'shed-link')->firstOrFail();
        $this->htmx('POST', '/jobs/lantern-house/snags/shed-link/acceptance', ['accepted_by' => '', 'lock_version' => 1])
            ->assertStatus(422)
            ->assertSee('Write the name of the person who accepts it.');
        $this->post('/jobs/lantern-house/snags/shed-link/acceptance', ['accepted_by' => 'Odile Harrow', 'lock_version' => 1])
            ->assertRedirect();

        self::assertSame(
            ['accepted', 'Odile Harrow', 'Mara Lindqvist'],
            array_values($snag->refresh()->only(['state', 'accepted_by', 'closed_by'])),
        );
        self::assertTrue($this->logged('Odile Harrow accepts: The link to the boat shed is thin'));
        $this->htmx('POST', '/jobs/lantern-house/snags/shed-link/acceptance', ['accepted_by' => 'Somebody Else', 'lock_version' => 1])
            ->assertStatus(409)
            ->assertSee('Odile Harrow');
    }

    public function test_the_pack_is_numbered_dated_summed_and_logged(): void
    {
        $this->settle();
        $this->post('/jobs/lantern-house/packs')->assertRedirect('/jobs/lantern-house/hand-over');
        $pack = Pack::query()->firstOrFail();
        $pdf = (string) $this
            ->get('/jobs/lantern-house/packs/1')
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->streamedContent();

        self::assertSame(['ready', 1, 100], [$pack->state, $pack->number, $pack->progress]);
        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertSame(hash('sha256', $pdf), $pack->sha256);
        self::assertTrue($this->logged("Issued pack 1, SHA-256 {$pack->sha256}."));
        $this->get('/jobs/lantern-house/hand-over')->assertSee($pack->sha256)->assertSee('Go through pack 1 with the client');
    }

    public function test_the_pages_say_what_the_job_holds_and_no_secret(): void
    {
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        $text = $this->text((string) $this->get('/jobs/lantern-house/packs/1')->streamedContent());

        foreach (['Lantern House', 'Handover pack 1', 'Odile Harrow', '1 · Register', 'Chart room ceiling dimmer', '2 · Radio '
            .'links', 'No radio was read.', '3 · What not to unplug',
            'Signal room rack plug', '4 · What stops without what', 'The internet', '5 · What is used from elsewhere', '6 · Batteries',
            'CR2032', 'CR2450', '7 · Open points', 'The link to the boat shed is thin', 'Odile Harrow, client', 'Tarn & Thistle',
            'ZB Zigbee', '10 · For the next technician', 'page 1 of'] as $part) {
            self::assertStringContainsString($part, $text);
        }
        self::assertStringNotContainsString('30412', $text);
        self::assertStringNotContainsString('What each box shows, and', $text, 'nothing is linked yet');
    }

    public function test_the_pack_says_what_stops_without_what_and_what_each_box_shows(): void
    {
        $this->siteJob()->update(['bridge_policy' => 'local-first']);
        BridgeBox::query()->where('key', 'export-box')->update(['is_owned' => true]);
        $link = ['link' => 'from hub-box as matter-bridge to ecosystem voice'];
        foreach (range(0, 6) as $number) {
            $this->post('/jobs/lantern-house/link-acts', $link + ['number' => $number]);
        }
        $this->post('/jobs/lantern-house/link-acts', $link + ['number' => 7, 'said' => '3']);
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        $text = $this->text((string) $this->get('/jobs/lantern-house/packs/1')->streamedContent());

        self::assertMatchesRegularExpression('/The internet stands still 1 of 9 stops goes on/', $text);
        self::assertMatchesRegularExpression('/The power stands still stands still stands still/', $text);
        self::assertMatchesRegularExpression('/Boxes in the network of the house No port is opened/', $text);
        self::assertMatchesRegularExpression('/Export box – not noted Hub, Wicket needs none/', $text);
        self::assertMatchesRegularExpression('/Ecosystem Release Account of Tansy 1\.\d Odile Harrow/', $text);
        self::assertMatchesRegularExpression('/Chart room ceiling dimmer open – (–|open)/', $text);
        self::assertMatchesRegularExpression('/Chart room window blind\s+Tansy does not know tilt\. not yet/', $text);
        self::assertStringContainsString('What each box shows, and nothing else Hub, Matter bridge To Tansy.', $text);
        self::assertMatchesRegularExpression('/its name comes first. Chart room ceiling dimmer 02A7C30000000101/', $text);
    }

    public function test_the_pack_names_what_is_not_accepted(): void
    {
        $this->settle();
        $reading = MeshReading::query()->create([
            'site_job_id' => $this->siteJob()->id, 'gateway_id' => $this->siteJob()->gateways()->value('id'), 'protocol' => 'zigbee',
            'reference' => 'one', 'state' => 'done', 'asked_at' => now(), 'ended_at' => now(),
        ]);
        RadioLink::query()->create([
            'mesh_reading_id' => $reading->id, 'a' => 'gateway', 'b' => (string) $this->slot('freezer')->node?->address,
            'margin_db' => 8.9,
        ]);
        $this->post('/jobs/lantern-house/packs');
        $text = $this->text((string) $this->get('/jobs/lantern-house/packs/1')->streamedContent());

        self::assertMatchesRegularExpression('/Freezer probe, pantry\s+8 dB\s+thin/', $text);
        self::assertMatchesRegularExpression('/Ceiling dimmer, chart room\s+none\s+lost/', $text);
    }

    /** @return array<string, array{int}> devices that are added to one room, so that its rows end anywhere on a page, or fill several */
    public static function added(): array
    {
        return ['none' => [0], 'nine' => [9], 'seventeen' => [17], 'more than a page' => [70]];
    }

    #[DataProvider('added')]
    public function test_a_heading_of_the_pack_stays_with_its_rows(int $added): void
    {
        $this->settle();
        $like = $this->slot('freezer');
        for ($number = 1; $number <= $added; $number++) {
            $like->replicate(['node_id', 'point_id', 'name', 'named_at'])
                ->fill(['key' => "probe-{$number}", 'place' => "shelf {$number}"])->save();
        }
        $this->post('/jobs/lantern-house/packs');
        $rooms = [...Room::query()->pluck('name')->all(), 'What failed, and why'];
        $plans = Storey::query()->pluck('name')->all();
        $pages = explode("\f", rtrim($this->layout((string) $this->get('/jobs/lantern-house/packs/1')->streamedContent()), "\f"));
        foreach (array_slice($pages, self::COVER) as $page) {
            $lines = array_values(array_filter(
                array_map(trim(...), explode("\n", $page)),
                static fn (string $line): bool => $line !== '' && ! str_contains($line, 'page '),
            ));
            $last = end($lines);

            // A plan ends with the name of a room that is drawn in it.
            self::assertNotContains($last, str_contains($page, 'By hand') ? $rooms : $plans);
            self::assertDoesNotMatchRegularExpression('/^\d · |^Name +Device|^Hub$/u', (string) $last);
        }
        // In the register, and among what is used from elsewhere.
        self::assertSame(2 * $added, preg_match_all('/Shelf \d/', implode('', $pages)));
    }

    public function test_packs_count_up(): void
    {
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        $this->post('/jobs/lantern-house/packs');

        self::assertSame([1, 2], Pack::query()->orderBy('number')->pluck('number')->all());
    }

    public function test_while_one_is_made_no_second_is_asked_for(): void
    {
        Queue::fake();
        $this->settle();
        $this->post('/jobs/lantern-house/packs')->assertRedirect();
        $this->get('/jobs/lantern-house/hand-over')->assertSee('Pack 1 is being made')->assertSee('data-live="yes"', false);
        $this->htmx('POST', '/jobs/lantern-house/packs')->assertStatus(422)->assertSee('A pack is being made already.');
        $this->get('/jobs/lantern-house/packs/1')->assertNotFound();
        Queue::assertPushed(MakePack::class, 1);
    }

    public function test_a_queue_that_has_stopped_does_not_hold_the_next_pack_up(): void
    {
        Queue::fake();
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        $this->travel(Pack::LONGEST_MINUTES + 1)->minutes();
        $this->get('/jobs/lantern-house/hand-over')->assertSee('Make pack 2')->assertSee('data-live="no"', false);
        $this->post('/jobs/lantern-house/packs')->assertRedirect();

        self::assertSame(['failed', 'asked'], Pack::query()->orderBy('number')->pluck('state')->all());
    }

    public function test_progress_is_told_on_the_way(): void
    {
        $this->settle();
        $job = $this->siteJob();
        $pack = Pack::query()->create(['site_job_id' => $job->id, 'number' => 1, 'state' => 'asked', 'asked_at' => now()]);
        $told = [];
        app(PackPress::class)->print($job, $pack, static function (int $progress, string $step) use (&$told): void {
            $told[$progress] = $step;
        });

        self::assertSame([10, 30, 55, 70, 95], array_keys($told));
    }

    public function test_a_pack_that_fails_ends_in_words(): void
    {
        Queue::fake();
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        (new MakePack($this->siteJob()->company_id, Pack::query()->firstOrFail()->id))->failed(new RuntimeException('out of paper'));

        self::assertSame('failed', Pack::query()->firstOrFail()->state);
        $this->get('/jobs/lantern-house/hand-over')
            ->assertSee('The pages could not be made.')
            ->assertSee('Make pack 2')
            ->assertDontSee('out of paper');
    }

    public function test_a_snag_that_was_put_right_is_closed_and_one_that_was_raised_is_open(): void
    {
        $this->put('/jobs/lantern-house/snags/shed-link', ['lock_version' => 1])->assertRedirect();
        self::assertSame('cleared', Snag::query()->where('key', 'shed-link')->value('state'));

        $this->post('/jobs/lantern-house/snags', ['text' => 'The lock grinds.', 'slot' => 'front-lock'])->assertRedirect();
        self::assertSame('front-lock', Snag::query()->where('text', 'The lock grinds.')->firstOrFail()->slot?->key);
        $this->get('/jobs/lantern-house/snags')->assertSee('The lock grinds.');
        $this->htmx('POST', '/jobs/lantern-house/snags', ['text' => ''])
            ->assertStatus(422)
            ->assertSee('Say what is wrong before you save.');
    }

    public function test_the_pack_says_who_made_it_what_tags_mean_where_devices_are_and_what_was_answered(): void
    {
        $this->siteJob()->questions()->update(['answered_at' => now(), 'answer' => 'Breaker 12.']);
        $this->post('/jobs/lantern-house/slots/freezer/proofs', [
            'rung' => 'hand', 'outcome' => 'failed', 'reason' => 'the lid frosts over',
        ]);
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        $text = $this->text((string) $this->get('/jobs/lantern-house/packs/1')->streamedContent());

        foreach ([
            'Tarn & Thistle Installations', 'bench@tarn-thistle.example', 'Zigbee', 'For the next technician', '02A7C30000000101',
            'Breaker 12.', 'the lid frosts over',
        ] as $said) {
            self::assertStringContainsString($said, $text);
        }
        self::assertStringNotContainsStringIgnoringCase('sealed', $text);
    }

    public function test_after_a_pack_the_next_move_is_to_go_through_it_until_something_changes(): void
    {
        $this->settle();
        $this->post('/jobs/lantern-house/packs');
        $this->get('/jobs/lantern-house/hand-over')->assertSee('Go through pack 1 with the client')->assertDontSee('Make pack 2');
        $this->post('/jobs/lantern-house/slots/freezer/proofs', ['rung' => 'hand', 'outcome' => 'passed']);

        $this->get('/jobs/lantern-house/hand-over')->assertSee('One thing has been done since pack 1.')->assertSee('Make pack 2');
    }

    public function test_what_is_in_and_not_proved_opens_as_a_list(): void
    {
        $page = (string) $this->get('/jobs/lantern-house/hand-over?show=in')->getContent();
        $side = (string) strstr($page, '<section class="side"');

        self::assertStringContainsString('Freezer probe', $side);
        self::assertStringNotContainsString('Ceiling dimmer, chart room', $side);
    }

    private function settle(): void
    {
        Snag::query()
            ->where('site_job_id', $this->siteJob()->id)
            ->update(['state' => 'accepted', 'accepted_by' => 'Odile Harrow', 'closed_at' => now()]);
        $this->siteJob()->temporaryStates()->update(['closed_at' => now()]);
    }

    private function text(string $pdf): string
    {
        return (string) preg_replace('/\s+/', ' ', $this->layout($pdf));
    }

    private function layout(string $pdf): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-']);
        $process->setInput($pdf);
        $process->mustRun();

        return $process->getOutput();
    }
}
