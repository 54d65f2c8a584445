<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JoinWindow;
use App\Models\LogEntry;
use App\Models\Node;
use App\Models\PairAttempt;
use Kavvel\Core\Codes\InstallCode;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;
use Tests\WithStandin;

final class PairTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_the_order_of_work_names_the_first_device_with_its_reason(): void
    {
        $this->get('/jobs/lantern-house/pair')
            ->assertOk()
            ->assertSeeInOrder([
                'Pair the ceiling relay', 'Hall, ground', '8 devices reach the hub through this one', 'Power on at breaker 5',
                'Press the side button 3 times within 2 s',
            ]);
    }

    public function test_from_the_window_to_the_match(): void
    {
        $address = $this->pairHallRelay();
        $slot = $this->slot('hall-relay');
        $attempt = $slot->pairAttempts()->latest('id')->firstOrFail();

        self::assertSame($address, $slot->node?->address);
        self::assertSame(AttemptState::Joined, $attempt->state);
        self::assertSame([5, 5], [$attempt->interview_done, $attempt->interview_total]);
        self::assertNotNull($attempt->margin_db);
        self::assertSame(['radio'], $slot->proofResults()->pluck('rung')->map->value->all());
        foreach ([
            'Opened the join window for the ceiling relay.', "{$address} joined (TW-RELAY-1).",
            "Matched {$address} to the ceiling relay.",
        ] as $line) {
            self::assertTrue($this->logged($line), $line);
        }
    }

    public function test_the_card_follows_what_the_gateway_hears(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect('/jobs/lantern-house/pair?next=hall-relay');
        $this->listen();
        $this->get('/jobs/lantern-house/pair')
            ->assertSee('It blinks')
            ->assertSee('data-live="yes"', false)
            ->assertSee('data-seconds-left="25', false);

        $attempt = PairAttempt::query()->latest('id')->firstOrFail();
        $this->put("/jobs/lantern-house/attempts/{$attempt->id}", ['light' => 'seen'])->assertRedirect();
        $this->get('/jobs/lantern-house/pair')->assertSee('The hub listens')->assertDontSee('It blinks');

        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(1);
        $this->get('/jobs/lantern-house/pair')->assertSee('The hub has it');
        $this->pass(2);
        $this->get('/jobs/lantern-house/pair')->assertSee('The hub asks it what it can do')->assertSee('of 5');
        $this->pass(5);
        $this->get('/jobs/lantern-house/pair')->assertSee('Is this the ceiling relay?')->assertSee('Yes, the ceiling relay');
    }

    public function test_the_window_closes_with_the_match(): void
    {
        $this->pairHallRelay();
        $this->listen();

        self::assertSame(
            ['ended', 'closed-by-hand'],
            array_values(JoinWindow::query()->latest('id')->firstOrFail()->only(['state', 'reason'])),
        );
        $this->get('/jobs/lantern-house/pair')->assertDontSee('Pair the ceiling relay')->assertSee('19 of 66 in');
    }

    public function test_a_device_that_never_speaks_ends_in_a_clear_state_with_the_next_thing_to_try(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->pass(100);
        self::assertSame('open', JoinWindow::query()->latest('id')->value('state'), 'our own clock does not end it');
        $this->pass(160);
        $attempt = PairAttempt::query()->latest('id')->firstOrFail();

        self::assertSame(AttemptState::Silent, $attempt->state);
        $this->get('/jobs/lantern-house/pair')
            ->assertSee('The device never spoke')
            ->assertSee('Tried 2 times')
            ->assertSee('Try this next')
            ->assertSee('Open the next window');
        self::assertTrue($this->logged('the device never spoke'));
    }

    public function test_half_an_interview_is_a_failure_until_it_is_accepted_and_then_a_snag(): void
    {
        $this->hands('fault', ['device' => 'hall-relay', 'fault' => 'half-interview']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);
        $attempt = PairAttempt::query()->latest('id')->firstOrFail();

        self::assertSame([AttemptState::InPart, ['on-off']], [$attempt->state, $attempt->missing]);
        $this->get('/jobs/lantern-house/pair')
            ->assertSee('Joined in part')
            ->assertSee('after 2 of 5 steps')
            ->assertSee('Missing: on-off')
            ->assertSee('Accept as it is');

        $this->post('/jobs/lantern-house/slots/hall-relay/node', ['address' => $attempt->node?->address])->assertRedirect();
        self::assertTrue($this->siteJob()->snags()->where(
            'text',
            'The ceiling relay joined in part. Missing: on-off.',
        )->where('state', 'open')->exists());
        self::assertSame(0, $this->slot('hall-relay')->proofResults()->count());
    }

    public function test_a_woken_device_joins_whole_in_the_next_window(): void
    {
        $this->hands('fault', ['device' => 'hall-relay', 'fault' => 'half-interview']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(255);
        $this->pairHallRelay();

        self::assertSame(
            [AttemptState::Silent, AttemptState::InPart, AttemptState::Joined],
            $this->slot('hall-relay')->pairAttempts()->orderBy('id')->pluck('state')->all(),
        );
    }

    public function test_the_next_try_of_the_same_device_replaces_its_window(): void
    {
        $this->hands('fault', ['device' => 'hall-relay', 'fault' => 'half-interview']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);
        $this->pairHallRelay();
        $this->listen();

        self::assertSame(['replaced', 'closed-by-hand'], JoinWindow::query()->orderBy('id')->pluck('reason')->all());
        self::assertSame(
            [AttemptState::Silent, AttemptState::InPart, AttemptState::Joined],
            $this->slot('hall-relay')->pairAttempts()->orderBy('id')->pluck('state')->all(),
        );
    }

    public function test_a_window_whose_answer_was_lost_goes_on_when_the_gateway_speaks_of_it(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $window = JoinWindow::query()->firstOrFail();
        $window->update(['state' => 'refused', 'ended_at' => now()]);
        $window->attempts()->update(['state' => AttemptState::Stopped, 'ended_at' => now()]);
        $this->listen();

        self::assertSame('open', $window->refresh()->state);
        self::assertSame(AttemptState::Waiting, PairAttempt::query()->latest('id')->firstOrFail()->state);
        $this->get('/jobs/lantern-house/pair')->assertSee('It blinks');
    }

    public function test_a_radio_that_no_hub_opens_windows_for_is_refused_with_the_way_out(): void
    {
        $this->radiosAreByHand(Protocol::ZWave);
        $this->htmx('POST', '/jobs/lantern-house/windows', ['slot' => 'siren'])
            ->assertStatus(422)
            ->assertSee('No hub of this job opens a window for the wall siren over its link.');

        self::assertSame(0, JoinWindow::query()->count());
    }

    public function test_no_light_gives_the_reason_and_the_gesture_again(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->listen();
        $attempt = PairAttempt::query()->latest('id')->firstOrFail();
        $this->put("/jobs/lantern-house/attempts/{$attempt->id}", ['light' => 'none'])
            ->assertRedirect('/jobs/lantern-house/pair?next=hall-relay');
        $this->get('/jobs/lantern-house/pair')->assertSee('Press the side button 3 times within 2 s, with the window open.');
        self::assertTrue($this->logged('shows no light'));
    }

    public function test_one_window_at_a_time(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $this->htmx('POST', '/jobs/lantern-house/windows', ['slot' => 'chart-lamp'])
            ->assertStatus(422)
            ->assertSee('You have the Zigbee radio: its window is open for the ceiling relay. Close it first.');

        self::assertSame(1, JoinWindow::query()->count());
    }

    public function test_a_code_is_given_while_another_person_has_the_radio(): void
    {
        $this->as('idris')->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertSessionHasNoErrors();
        $page = (string) $this->as('mara')->get('/jobs/lantern-house/pair?next=landing-smoke')
            ->assertSee('Store the code')
            ->assertSee('Zigbee radio: its window is open for the')
            ->assertDontSee('all the same')
            ->getContent();
        self::assertSame(1, substr_count($page, 'id="big"'));

        $code = InstallCode::ofBytes(hash('md5', 'smoke', true))->spelling();
        $this->post('/jobs/lantern-house/slots/landing-smoke/code', ['code' => $code])->assertSessionHasNoErrors();
        $this->get('/jobs/lantern-house/pair?next=landing-smoke')->assertSee('radio is taken');
    }

    public function test_a_window_can_be_closed_by_hand(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $window = JoinWindow::query()->firstOrFail();
        $this->listen();
        $this->delete("/jobs/lantern-house/windows/{$window->reference}")->assertRedirect();
        $this->listen();

        self::assertSame(['ended', 'closed-by-hand'], [$window->refresh()->state, $window->reason]);
        self::assertSame(AttemptState::Stopped, PairAttempt::query()->latest('id')->firstOrFail()->state);
    }

    public function test_a_gateway_that_is_away_opens_no_window_and_says_so(): void
    {
        $this->gatewayIsAway();
        $this->followingRedirects()
            ->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])
            ->assertSee('The window did not open.')
            ->assertSee('does not answer');

        self::assertSame('refused', JoinWindow::query()->value('state'));
        self::assertSame(AttemptState::Stopped, PairAttempt::query()->latest('id')->firstOrFail()->state);
    }

    public function test_a_window_that_the_hub_does_not_close_says_so_with_the_way_out(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->listen();
        $this->gatewayIsAway();
        $reference = JoinWindow::query()->value('reference');
        $this->delete("/jobs/lantern-house/windows/{$reference}")->assertRedirect();
        $this->get('/jobs/lantern-house/pair')->assertSee('The window was not closed.')->assertSee('Skip for now');
        $this->post('/jobs/lantern-house/slots/hall-relay/put-off')->assertRedirect();
        $this->get('/jobs/lantern-house/pair')->assertDontSee('The window was not closed.')->assertDontSee('Pair the ceiling relay');
    }

    public function test_a_skipped_device_goes_to_the_end_and_the_window_closes(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->post('/jobs/lantern-house/slots/hall-relay/put-off')->assertRedirect();
        $this->listen();

        $this->get('/jobs/lantern-house/pair')->assertDontSee('Pair the ceiling relay');
        self::assertSame('ended', JoinWindow::query()->value('state'));
    }

    public function test_another_device_can_be_chosen_instead(): void
    {
        $this->get('/jobs/lantern-house/pair?next=bath-leak')
            ->assertSee('Pair the bath leak sensor')
            ->assertSee('A leak sensor warns; it does not stop water.');
    }

    public function test_a_node_is_matched_once_and_a_slot_has_one_node(): void
    {
        $address = $this->pairHallRelay();

        $this->htmx('POST', '/jobs/lantern-house/slots/chart-lamp/node', ['address' => $address])
            ->assertStatus(422)
            ->assertSee("{$address} is the ceiling relay already.");
        $other = Node::query()->where('address', '!=', $address)->where('state', 'joined')->firstOrFail();
        $this->htmx('POST', '/jobs/lantern-house/slots/hall-relay/node', ['address' => $other->address])
            ->assertStatus(422)
            ->assertSee('has a device already');
        $this->htmx('POST', '/jobs/lantern-house/slots/chart-lamp/node', ['address' => 'FFFF'])
            ->assertStatus(422)
            ->assertSee('FFFF is not on the network any more.');
    }

    public function test_a_node_that_is_taken_away_can_be_matched_again(): void
    {
        $address = $this->pairHallRelay();
        $this->delete('/jobs/lantern-house/slots/hall-relay/node')->assertRedirect();

        self::assertNull($this->slot('hall-relay')->node_id);
        $this->get('/jobs/lantern-house/pair')->assertSee($address);
    }

    public function test_two_that_announce_at_once_do_not_confuse_the_attempt(): void
    {
        $this->hands('fault', ['device' => 'hall-relay', 'fault' => 'two-at-once']);
        $this->pairHallRelay();

        self::assertSame(AttemptState::Joined, $this->slot('hall-relay')->pairAttempts()->latest('id')->firstOrFail()->state);
        self::assertSame(1, Node::query()->where('state', 'announced')->count());
    }

    public function test_a_device_that_fits_another_slot_is_offered_there(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->hands('carry', ['device' => 'keeper-button']);
        $this->hands('gesture', ['device' => 'keeper-button', 'kind' => 'press', 'times' => 4]);
        $this->pass(10);
        $page = $this->get('/jobs/lantern-house/pair')->assertSee('Is this the bedside button?')->assertSee('Yes, the bedside button');
        preg_match('/<form action="([^"]+)"[^>]*>(?:(?!<\/form>).)*id="big"/s', (string) $page->getContent(), $big);

        self::assertStringEndsWith('/slots/keeper-button/node', $big[1] ?? '');
        $page->assertSee('slots/hall-relay/node', false);
        $page->assertDontSee('8 devices reach the hub through this one', false);
    }

    public function test_a_device_chosen_from_then_stays_chosen_through_the_end_of_its_window(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'bath-leak'])
            ->assertRedirect('/jobs/lantern-house/pair?next=bath-leak');
        $this->listen();
        $this->get('/jobs/lantern-house/pair?next=bath-leak')
            ->assertSee('Another can be chosen once this window is closed.')
            ->assertSee('Close the window')
            ->assertDontSee('pair?next=chart-lamp', false);
        $this->get('/jobs/lantern-house/pair?next=chart-lamp')->assertSee('Pair the bath leak sensor');
        $this->pass(260);

        $this->get('/jobs/lantern-house/pair?next=bath-leak')->assertSee('Pair the bath leak sensor')->assertSee('The device never spoke');
    }

    public function test_two_people_who_match_one_device_are_one_match_and_one_refusal(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);
        $address = $this->siteJob()->nodes()->where('model', 'TW-RELAY-1')->value('address');
        $this->post('/jobs/lantern-house/slots/hall-relay/node', ['address' => $address])->assertRedirect();
        $this->as('idris')->htmx('POST', '/jobs/lantern-house/slots/kitchen-leak/node', ['address' => $address])
            ->assertStatus(422)
            ->assertSee('is the ceiling relay already');

        self::assertSame($address, $this->slot('hall-relay')->node?->address);
    }

    public function test_two_people_who_give_the_same_answer_are_one_match_and_the_second_is_told(): void
    {
        $address = $this->pairHallRelay();
        $this->as('idris')->htmx('POST', '/jobs/lantern-house/slots/hall-relay/node', ['address' => $address])
            ->assertStatus(422)
            ->assertSee('It is the ceiling relay already, since');

        self::assertSame(1, LogEntry::query()->where('text', "Matched {$address} to the ceiling relay.")->count());
    }

    public function test_one_that_left_and_came_back_is_matched_to_its_slot_again(): void
    {
        $address = $this->pairHallRelay();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'hold', 'seconds' => 10]);
        $this->pass(5);
        self::assertSame(Node::LEFT, Node::query()->where('address', $address)->value('state'));
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);
        $this->get('/jobs/lantern-house/pair')->assertSee('Is this the ceiling relay?');
        $this->post('/jobs/lantern-house/slots/hall-relay/node', ['address' => $address])->assertRedirect()->assertSessionHasNoErrors();
        $this->htmx('POST', '/jobs/lantern-house/slots/hall-relay/node', ['address' => $address])->assertStatus(422);
    }

    public function test_one_that_comes_back_in_anothers_window_leaves_the_window_in_sight(): void
    {
        $address = $this->pairHallRelay();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'hold', 'seconds' => 10]);
        $this->pass(5);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'chart-lamp'])->assertRedirect();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);

        self::assertSame('joined', Node::query()->where('address', $address)->value('state'));
        $this->get('/jobs/lantern-house/pair')
            ->assertSee('The ceiling relay came back through this window.')
            ->assertSee('Pair the reading lamp')
            ->assertSee('Close the window');
    }

    public function test_what_the_light_says_changes_the_advice(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'bath-leak']);
        $this->listen();
        $attempt = PairAttempt::query()->latest('id')->firstOrFail();
        $this->put("/jobs/lantern-house/attempts/{$attempt->id}", ['light' => 'none']);
        $this->get('/jobs/lantern-house/pair')->assertSeeInOrder(['Try this next', 'Pull the tab', 'with the window open']);
        $this->put("/jobs/lantern-house/attempts/{$attempt->id}", ['light' => 'other']);
        $this->get('/jobs/lantern-house/pair')->assertSeeInOrder(['Try this next', 'Another pattern is another mode.']);
    }

    public function test_another_device_that_announces_is_shown(): void
    {
        $this->hands('fault', ['device' => 'hall-relay', 'fault' => 'two-at-once']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(2);

        $this->get('/jobs/lantern-house/pair')->assertSee('Another device announced too')->assertSee('02A7C3FFFF');
    }

    public function test_a_device_is_let_go_by_its_hub_and_its_key_opens_nothing_any_more(): void
    {
        $this->pairHallRelay();
        $this->get('/jobs/lantern-house/pair?slot=hall-relay')
            ->assertSeeInOrder(['Take it out of the network', 'Wake it, and remove it', 'Let the hub take it out']);
        $this->post('/jobs/lantern-house/slots/hall-relay/departure')->assertRedirect('/jobs/lantern-house/pair?next=hall-relay');
        $this->listen();

        self::assertSame(Node::LEFT, $this->slot('hall-relay')->node?->state);
        self::assertTrue($this->logged('Asked Hub to let the ceiling relay go.'));
        $this->post('/jobs/lantern-house/slots/boot-valve/departure')->assertSessionHasErrors('slot');
        $this->gatewayIsAway();
        $this->post('/jobs/lantern-house/slots/panel/departure')->assertRedirect();
        self::assertTrue($this->logged('was not let go.'));
        $this->get('/jobs/lantern-house/pair?slot=panel')->assertSee('The hub did not let it go.')->assertSee('Try it again, or reset');
    }

    public function test_a_z_wave_device_of_ours_leaves_by_exclusion(): void
    {
        $this->hands('carry', ['device' => 'landing-switch']);
        $this->get('/jobs/lantern-house/pair?slot=landing-switch')->assertSee('Open the exclusion window');
        $this->post('/jobs/lantern-house/slots/landing-switch/departure')->assertRedirect();
        $this->listen();
        $this->get('/jobs/lantern-house/pair?next=landing-switch')->assertSee('The hub says that it has left');
        $this->hands('gesture', ['device' => 'landing-switch', 'kind' => 'press', 'times' => 3]);
        $this->pass(2);

        self::assertSame(Node::LEFT, $this->slot('landing-switch')->node?->state);
        self::assertNotNull($this->slot('landing-switch')->left_at);
        self::assertTrue($this->logged('The wall switch was excluded from this network.'));
        $this->post('/jobs/lantern-house/exclusions', ['slot' => 'hall-relay'])->assertSessionHasErrors([
            'slot' => 'The ceiling relay is taken out by a reset, not by a window: do as its recipe says.',
        ]);
    }

    public function test_an_exclusion_window_that_the_hub_does_not_open_says_why(): void
    {
        $this->gatewayIsAway();
        $this->post('/jobs/lantern-house/exclusions', ['slot' => 'kitchen-window'])->assertRedirect();

        $this->get('/jobs/lantern-house/pair?next=kitchen-window')->assertSee('The window did not open.');
        self::assertNull($this->slot('kitchen-window')->left_at);
    }

    public function test_the_wrong_device_in_an_exclusion_window_is_named_and_the_right_one_is_still_to_leave(): void
    {
        $this->hands('carry', ['device' => 'landing-switch']);
        $this->post('/jobs/lantern-house/exclusions', ['slot' => 'kitchen-window'])->assertRedirect();
        $this->listen();
        $this->hands('gesture', ['device' => 'landing-switch', 'kind' => 'press', 'times' => 3]);
        $this->pass(2);

        self::assertNull($this->slot('kitchen-window')->left_at);
        self::assertNotNull($this->slot('landing-switch')->left_at);
        self::assertSame(Node::LEFT, $this->slot('landing-switch')->node?->state);
        self::assertTrue($this->logged('The wall switch was excluded from this network, in the window for the window contact.'));
        $this->get('/jobs/lantern-house/pair?next=kitchen-window')
            ->assertSee('The wall switch left through that window, not this device')
            ->assertDontSee('and nothing had left')
            ->assertDontSee('It left its old network');
    }

    public function test_an_exclusion_window_that_ends_without_says_so_with_the_way_out(): void
    {
        $this->post('/jobs/lantern-house/exclusions', ['slot' => 'kitchen-window'])->assertRedirect();
        $this->pass(61);

        $this->get('/jobs/lantern-house/pair?next=kitchen-window')
            ->assertSee('The exclusion window ended, and nothing had left.')
            ->assertSee('Used before? Exclude it first');
    }

    public function test_what_a_remote_teaches_and_a_bus_addresses_is_put_in_by_hand_with_its_rung(): void
    {
        foreach ([
            'projector' => 'It obeys its remote', 'awning' => 'It obeys its remote', 'hall-keypad' => 'It answers on its bus',
        ] as $slot => $rung) {
            $this->get("/jobs/lantern-house/survey?slot={$slot}")->assertSee('Put in by hand');
            $this->post("/jobs/lantern-house/slots/{$slot}/hand-pairing", ['address' => $slot === 'hall-keypad' ? '1.1.7' : ''])
                ->assertRedirect();
            $this->get("/jobs/lantern-house/survey?slot={$slot}")->assertSee($rung)->assertDontSee('Put in by hand');
        }
        $this->get('/jobs/lantern-house/pair')->assertSee('21 of 66 in')->assertSee('45 open');
    }
}
