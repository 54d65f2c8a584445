<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\Models\JoinWindow;
use App\Models\LearntKey;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Protocol\Protocol;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use Tests\WithStandin;

/** A linked hub sends the keys of a remote, and learns those that its preset lacks. */
final class LearnOverHubTest extends TestCase
{
    use WithStandin;

    private const PAGE = '/jobs/lantern-house/pair?lens=teach';

    private const KEYS = '/jobs/lantern-house/slots/projector/keys';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->slot('projector')->update(['remote_toggles' => false]);
        $this->startStandin();
    }

    public function test_a_preset_is_sent_and_a_person_says_whether_it_was_obeyed(): void
    {
        $this->get(self::PAGE)->assertSee('Send it: On, ceiling projector')->assertDontSee('It obeyed: On');
        $this->send('On')->assertSessionHasNoErrors();
        $this->pass(1);
        self::assertTrue($this->fold()->world->devices['projector']->on);
        $this->get(self::PAGE)->assertSee('It obeyed: On, ceiling projector')->assertDontSee('Send it: On, ceiling');

        $this->answer('On', 'preset-works');
        $this->get(self::PAGE)->assertSeeInOrder(['1 of 2 work', 'works, by the preset'])->assertSee('Send it: Off, ceiling projector');
    }

    public function test_what_the_preset_lacks_is_learnt_from_its_remote_and_tried(): void
    {
        $this->send('Off');
        $this->pass(1);
        $this->answer('Off', 'preset-fails');
        $this->answer('On', 'preset-works');
        $this->get(self::PAGE)->assertSee('Listen for it: Off, ceiling projector');
        $this->listenFor('Off')->assertSessionHasNoErrors();
        $this->listen();
        $this->get(self::PAGE)->assertSee('Tap “Off” on its remote, a hand’s breadth from the hub.')->assertSee('Stop listening');
        $this->get('/jobs/lantern-house/pair')->assertSee('Pair the ceiling relay');

        $this->hands('remote-key', ['device' => 'projector', 'kind' => 'Off', 'seconds' => 3, 'point' => 'hub']);
        $this->listen();
        $this->get(self::PAGE)->assertSee('It was held, and repeated itself: tap it, once and short.');
        $this->hands('remote-key', ['device' => 'projector', 'kind' => 'Off', 'seconds' => 0.3, 'point' => 'hub']);
        $this->listen();
        self::assertTrue($this->logged('“Off” of the ceiling projector: learnt from its remote.'));
        self::assertSame($this->house()->devices['projector']->remote?->signal('Off'), $this->key('Off')->signal);

        $this->get(self::PAGE)->assertSee('Send it: Off, ceiling projector');
        $this->hands('remote-key', ['device' => 'projector', 'kind' => 'On', 'seconds' => 0.3, 'point' => 'room']);
        $this->send('Off');
        $this->pass(1);
        self::assertFalse($this->fold()->world->devices['projector']->on);
        $this->answer('Off', 'works');
        $this->get(self::PAGE)->assertSeeInOrder(['2 of 2 work', 'All its keys work: it is in']);
    }

    public function test_a_window_in_which_nothing_clear_was_heard_says_so(): void
    {
        $this->answer('On', 'preset-fails');
        $this->listenFor('On');
        $this->hands('remote-key', ['device' => 'projector', 'kind' => 'On', 'seconds' => 0.3, 'point' => 'room']);
        $this->pass(31);

        $this->get(self::PAGE)
            ->assertSee('Nothing clear was heard.')
            ->assertSee('It was weak: hold the remote a hand’s breadth from the hub')
            ->assertSee('Listen for it: On');
    }

    public function test_the_wrong_key_of_the_remote_is_found_out_where_its_code_is_known(): void
    {
        foreach (['On', 'Off'] as $key) {
            $this->answer($key, 'preset-fails');
        }
        foreach (['On', 'Off'] as $key) {
            $this->listenFor($key);
            $this->hands('remote-key', ['device' => 'projector', 'kind' => 'On', 'seconds' => 0.3, 'point' => 'hub']);
            $this->listen();
        }
        self::assertNull($this->key('Off')->signal, 'it is what On sends');

        $this->send('On');
        $this->pass(1);
        $this->answer('On', 'works');
        $this->get(self::PAGE)
            ->assertSee('It is what another of its keys sends: press the one that is named here.')
            ->assertSee('Listen for it: Off');
    }

    public function test_a_hub_that_falls_silent_while_it_listens_asks_for_no_key(): void
    {
        $this->answer('On', 'preset-fails');
        $this->listenFor('On');
        $this->listen();
        $this->gatewayIsAway();
        $this->listen();
        $this->get(self::PAGE)->assertSee('the remote waits until it answers again')->assertDontSee('Tap “On” on its remote');
    }

    public function test_a_hub_that_refuses_for_another_reason_says_nothing_of_the_preset(): void
    {
        $this->siteJob()->gateways()->firstOrFail()->update(['token' => 'another']);
        $this->send('On');

        self::assertNull($this->key('On')->works);
        self::assertNotNull($this->key('On')->send_refused);
    }

    public function test_listening_can_be_stopped(): void
    {
        $this->answer('On', 'preset-fails');
        $this->listenFor('On');
        $this->listen();
        $this->delete(self::KEYS.'/listening', ['key' => 'On'])->assertSessionHasNoErrors();
        $this->listen();

        self::assertSame('ended', JoinWindow::query()->sole()->state);
    }

    public function test_two_people_share_one_receiver(): void
    {
        $this->answer('On', 'preset-fails');
        $this->listenFor('On');
        $this->as('idris')->put('/jobs/lantern-house/slots/bath-heater/keys', ['key' => 'On', 'learn' => 'preset-fails']);
        $this->get(self::PAGE)->assertSee('The hub listens for another key');
        $this->post('/jobs/lantern-house/slots/bath-heater/keys/listening', ['key' => 'On'])
            ->assertSessionHasErrors(['slot' => 'Mara Lindqvist has the Infrared radio: its window is open for the ceiling projector. Wait '
                .'until it is over, or take a device of another radio meanwhile.']);
    }

    public function test_a_hub_that_is_away_is_not_asked(): void
    {
        $this->gatewayIsAway();
        $this->listen();
        $this->get(self::PAGE)->assertSee('Waits for the hub')->assertDontSee('Send it: On');
        $this->send('On');
        $this->get(self::PAGE)->assertSee('It was not sent.')->assertDontSee('It obeyed: On');
        self::assertNull($this->key('On')->works, 'that the hub is away says nothing of the preset');
    }

    public function test_a_preset_that_the_hub_does_not_have_is_learnt_instead(): void
    {
        $profile = $this->slot('projector')->profile()->firstOrFail();
        $profile->update(['data' => ['model' => 'LN-BEAM-9'] + $profile->data]);
        $this->send('On');

        $this->get(self::PAGE)
            ->assertSee('It was not sent. It has no preset for LN-BEAM-9.')
            ->assertSee('Listen for it: On, ceiling projector');
    }

    public function test_what_the_hub_does_not_see_is_said_before_it_is_tried(): void
    {
        $this->get(self::PAGE)
            ->assertSeeInOrder(['Wall heater', 'Hub does not see it: blocked by', 'the survey has the', 'Send it: On, wall heater'], false);
    }

    public function test_what_was_learnt_at_another_sender_is_sent_there(): void
    {
        $this->answer('On', 'learnt');
        $this->get(self::PAGE)->assertSee('It obeyed: On, ceiling projector')->assertDontSee('Send it: On, ceiling projector');
        $this->send('On')->assertSessionHasErrors(['key' => '“On” of the ceiling projector was learnt at another sender: send it there, or '
            .'let the hub learn it.']);
    }

    public function test_where_no_hub_sends_that_is_said(): void
    {
        $this->get('/jobs/lantern-house/pair?slot=projector')->assertSee('Teach its keys');
        $this->post('/jobs/lantern-house/slots/hall-relay/keys/signals', ['key' => 'On'])
            ->assertSessionHasErrors(['key' => 'The ceiling relay has no remote whose keys are taught.']);
        $this->radiosAreByHand(Protocol::Infrared);
        $this->send('On')->assertSessionHasErrors(['key' => 'No hub of this job sends for the ceiling projector over its link. Send it at '
            .'its own sender, and write it down here.']);
    }

    public function test_the_office_looks_and_does_not_send(): void
    {
        $this->as('wren');
        $this->get(self::PAGE)->assertOk()->assertDontSee('Send it:');
        $this->send('On')->assertForbidden();
    }

    public function test_what_was_learnt_travels_in_the_job_file(): void
    {
        $this->answer('On', 'preset-fails');
        $this->listenFor('On');
        $this->hands('remote-key', ['device' => 'projector', 'kind' => 'On', 'seconds' => 0.3, 'point' => 'hub']);
        $this->listen();
        $file = app(Exporter::class)->export($this->siteJob());
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $key = LearntKey::query()->where('site_job_id', $copy->id)->where('name', 'On')->sole();

        self::assertSame($this->key('On')->signal, $key->signal);
        self::assertNotNull($key->signal);
    }

    /** @return TestResponse<Response> */
    private function send(string $key): TestResponse
    {
        return $this->post(self::KEYS.'/signals', ['key' => $key]);
    }

    /** @return TestResponse<Response> */
    private function listenFor(string $key): TestResponse
    {
        return $this->post(self::KEYS.'/listening', ['key' => $key]);
    }

    private function answer(string $key, string $act): void
    {
        $this->put(self::KEYS, ['key' => $key, 'learn' => $act])->assertSessionHasNoErrors();
    }

    private function key(string $name): LearntKey
    {
        return LearntKey::query()->where('slot_id', $this->slot('projector')->id)->where('name', $name)->sole();
    }
}
