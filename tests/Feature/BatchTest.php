<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JoinWindow;
use App\Models\PairAttempt;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Pairing\AttemptState;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use Tests\WithStandin;

/** Several unlike devices through one window, where the job allows it. */
final class BatchTest extends TestCase
{
    use WithStandin;

    private const PAIR = '/jobs/lantern-house/pair';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
        $this->siteJob()->update(['batch' => 2]);
        $this->hands('carry', ['device' => 'kitchen-leak']);
    }

    public function test_one_at_a_time_is_the_default(): void
    {
        $this->siteJob()->update(['batch' => 1]);
        $this->open('hall-relay');
        $this->get(self::PAIR)->assertDontSee('Let another in through this window');
        $this->also('kitchen-leak')->assertSessionHasErrors([
            'slot' => 'The sink leak sensor can’t come in through this window. This job lets in one device at a time.',
        ]);
    }

    public function test_a_lead_allows_it_in_the_rules_of_the_job(): void
    {
        $rules = [
            'school' => 'in-place', 'name_pattern' => '{room} {what}', 'acceptance_db' => '10', 'clutter_constant_db' => '3',
            'clutter_db_per_metre' => '0.3', 'lock_version' => $this->siteJob()->lock_version,
        ];
        $this->get('/jobs/lantern-house/forms/rules')->assertSee('three unlike devices');
        $this->put('/jobs/lantern-house/rules', ['batch' => '4'] + $rules)->assertSessionHasErrors('batch');
        $this->put('/jobs/lantern-house/rules', ['batch' => '3'] + $rules)->assertSessionHasNoErrors();

        self::assertSame(3, $this->siteJob()->batch);
        self::assertTrue($this->logged('Devices in one window: 2 → 3'));
    }

    public function test_each_is_told_by_its_model_whichever_speaks_first(): void
    {
        $this->open('hall-relay');
        $this->get(self::PAIR)->assertSee('Let another in through this window')->assertSee('Sink leak sensor, kitchen (Leak sensor)');
        $this->also('kitchen-leak')->assertRedirect(self::PAIR.'?next=kitchen-leak');
        $this->get(self::PAIR.'?next=kitchen-leak')
            ->assertSee('Pair the sink leak sensor')
            ->assertSeeInOrder(['Through the same window', 'Ceiling relay, hall', 'waiting for the device'], false);

        $this->gesture('kitchen-leak');
        $this->pass(1);
        $this->get(self::PAIR.'?next=kitchen-leak')->assertDontSee('Another device announced too');
        $this->pass(10);
        self::assertSame(AttemptState::Joined, $this->attempt('kitchen-leak')->state, 'it spoke first, and is itself');
        self::assertSame(AttemptState::Waiting, $this->attempt('hall-relay')->state, 'and this one is waited for still');
        $this->gesture('hall-relay');
        $this->pass(10);

        foreach (['kitchen-leak', 'hall-relay'] as $slot) {
            $attempt = $this->attempt($slot);
            self::assertSame([AttemptState::Joined, 5], [$attempt->state, $attempt->interview_total], $slot);
            self::assertSame($this->house()->devices[$slot]->address, $attempt->node?->address, $slot);
        }
    }

    public function test_the_window_stays_for_those_that_are_still_to_come(): void
    {
        $this->open('hall-relay');
        $this->also('kitchen-leak');
        $this->gesture('hall-relay');
        $this->pass(10);
        $this->get(self::PAIR)->assertSee('Is this the ceiling relay?');
        $this->get(self::PAIR.'?next=kitchen-leak')->assertSee('Pair the sink leak sensor');
        $this->match('hall-relay')->assertSessionHasNoErrors();

        $window = JoinWindow::query()->sole();
        self::assertSame(['open', $this->slot('kitchen-leak')->id], [$window->state, $window->slot_id]);
        $this->get(self::PAIR)->assertSee('Pair the sink leak sensor');
        $this->gesture('kitchen-leak');
        $this->pass(10);
        $this->match('kitchen-leak')->assertSessionHasNoErrors();
        $this->listen();
        self::assertSame('ended', $window->refresh()->state);
    }

    public function test_what_came_in_and_is_nobodys_yet_is_the_next_move(): void
    {
        $this->open('hall-relay');
        $this->also('kitchen-leak');
        $this->gesture('kitchen-leak');
        $this->pass(10);
        $this->get(self::PAIR)->assertSee('Pair the ceiling relay');
        $this->get(self::PAIR.'?next=kitchen-leak')->assertSee('Is this the sink leak sensor?');
        $this->gesture('hall-relay');
        $this->pass(10);
        $this->match('hall-relay');

        $this->get(self::PAIR)->assertSee('Is this the sink leak sensor?');
    }

    public function test_one_that_is_skipped_leaves_the_window_to_the_other(): void
    {
        $this->open('hall-relay');
        $this->also('kitchen-leak');
        $this->post('/jobs/lantern-house/slots/hall-relay/put-off')->assertRedirect();

        self::assertSame(AttemptState::Stopped, $this->attempt('hall-relay')->state);
        self::assertSame($this->slot('kitchen-leak')->id, JoinWindow::query()->sole()->slot_id);
        $this->get(self::PAIR)->assertSee('Pair the sink leak sensor');
        $this->post('/jobs/lantern-house/slots/kitchen-leak/put-off')->assertRedirect();
        $this->listen();
        self::assertSame('ended', JoinWindow::query()->sole()->state);
    }

    public function test_the_end_of_the_window_ends_all_that_waits_in_it(): void
    {
        $this->open('hall-relay');
        $this->also('kitchen-leak');
        $this->pass(260);

        self::assertSame(AttemptState::Silent, $this->attempt('hall-relay')->state);
        self::assertSame(AttemptState::Silent, $this->attempt('kitchen-leak')->state);
    }

    public function test_a_colleague_lets_one_in_through_the_same_window(): void
    {
        $this->open('hall-relay');
        $this->as('idris');
        $this->get(self::PAIR.'?next=kitchen-leak')->assertSee('Mara Lindqvist has the')->assertSee('Let it in through that window too');
        $this->also('kitchen-leak')->assertSessionHasNoErrors();
        $this->gesture('kitchen-leak');
        $this->pass(10);
        $this->get(self::PAIR.'?next=kitchen-leak')->assertSee('Is this the sink leak sensor?');
        $this->match('kitchen-leak');

        self::assertSame($this->slot('hall-relay')->id, JoinWindow::query()->sole()->slot_id, 'Mara’s window goes on');
        $this->as('mara')->get(self::PAIR)->assertSee('Pair the ceiling relay')->assertDontSee('Through the same window');
    }

    public function test_what_could_be_confused_is_refused_with_the_reason(): void
    {
        $this->open('kitchen-leak');
        foreach ([
            'wash-leak' => 'It looks like the Leak sensor',
            'kitchen-window' => 'It is of another radio, Z-Wave',
            'kitchen-leak' => 'The window is open for it already.',
            'boot-leak' => 'It is in already.',
            'desk-left' => 'It comes in behind its bridge.',
        ] as $slot => $reason) {
            $this->also($slot)->assertSessionHasErrors('slot');
            self::assertStringContainsString($reason, session('errors')->first('slot'), $slot);
        }
        $this->also('hall-relay')->assertSessionHasNoErrors();
        $this->also('bunk-motion')->assertSessionHasErrors([
            'slot' => 'The corner motion sensor can’t come in through this window. A window of this job lets in 2 devices.',
        ]);
        $this->pass(260);
        $this->also('bunk-motion')->assertSessionHasErrors([
            'slot' => 'The corner motion sensor can’t come in through this window. That window has ended: open the next one.',
        ]);
    }

    private function open(string $slot): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => $slot])->assertSessionHasNoErrors();
        $this->listen();
    }

    /** @return TestResponse<Response> */
    private function also(string $slot): TestResponse
    {
        $window = JoinWindow::query()->sole()->reference;

        return $this->post("/jobs/lantern-house/windows/{$window}/slots", ['slot' => $slot]);
    }

    private function gesture(string $device): void
    {
        $step = $this->house()->devices[$device]->profile->recipe?->gesture();
        $this->hands('gesture', [
            'device' => $device, 'kind' => $step?->kind, 'times' => $step?->times, 'seconds' => $step?->seconds,
        ]);
    }

    /** @return TestResponse<Response> */
    private function match(string $slot): TestResponse
    {
        return $this->post("/jobs/lantern-house/slots/{$slot}/node", ['address' => $this->house()->devices[$slot]->address]);
    }

    private function attempt(string $slot): PairAttempt
    {
        return $this->slot($slot)->pairAttempts()->with('node')->latest('id')->firstOrFail();
    }
}
