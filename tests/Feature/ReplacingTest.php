<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Credential;
use App\Models\Node;
use App\Models\ProofResult;
use App\Models\SlotFit;
use App\Models\Stay;
use Tests\TestCase;
use Tests\WithStandin;

/** A dead device by a new one in the same slot; a device that goes to another slot; what stays, and what is done again. */
final class ReplacingTest extends TestCase
{
    use WithStandin;

    private const CONTACT = '/jobs/lantern-house/slots/store-contact';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_what_stays_and_what_is_done_again_is_said_before(): void
    {
        $this->get('/jobs/lantern-house/name?slot=chart-dimmer')->assertSee('Replace its device')
            ->assertSeeInOrder(['To be done again', 'Into its box, with the circuit off', 'Pair it', 'Least brightness: 10',
                '“Chart room ceiling dimmer” is written to it', 'Show again: By hand']);
    }

    public function test_a_dead_one_is_replaced_and_its_slot_keeps_what_is_its_own(): void
    {
        $old = (string) $this->slot('store-contact')->node?->address;
        $this->post(self::CONTACT.'/replacement', ['reason' => 'dead'])
            ->assertRedirect('/jobs/lantern-house/pair?slot=store-contact');
        $this->listen();

        $slot = $this->slot('store-contact');
        self::assertSame([null, 'Store yard door contact', null], [$slot->node_id, $slot->name, $slot->named_at]);
        self::assertSame(Node::LEFT, Node::query()->where('address', $old)->sole()->state, 'the hub has forgotten it');
        self::assertTrue($this->logged("Replaces the yard door contact, {$old}: it is dead."));
        $this->get('/jobs/lantern-house/pair?slot=store-contact')
            ->assertSee('Its device was replaced')->assertSee($old)->assertSee('it is dead')
            ->assertSee('Show again: Hub')->assertSee('One device was here before');
    }

    public function test_the_new_one_gets_the_name_by_itself_and_starts_its_proofs_anew(): void
    {
        $this->replace('store-contact', 'dead');
        $new = $this->pairSpare();

        $slot = $this->slot('store-contact');
        self::assertSame($new, $slot->node?->address);
        self::assertNotNull($slot->named_at);
        self::assertSame('Store yard door contact', $slot->node->label);
        self::assertSame('Store yard door contact', $this->fold()->world->devices['van-contact']->label);
        self::assertSame(['radio'], ProofResult::query()->where('slot_id', $slot->id)->where('node_id', $slot->node_id)
            ->whereNull('withdrawn_at')->pluck('rung')->map(static fn ($rung): string => $rung->value)->all());
        $this->get('/jobs/lantern-house/name?slot=store-contact')
            ->assertSee('Pair it, done')->assertSee('is written to it, done')->assertSee('Show again: Its own radio, done')
            ->assertDontSee('Show again: Hub, done');

        $this->hands('trigger', ['device' => 'van-contact']);
        $this->listen();
        $this->get('/jobs/lantern-house/name?slot=store-contact')->assertSee('Show again: Hub, done');
    }

    public function test_who_reached_the_hub_through_it_is_counted_and_the_mesh_read_again(): void
    {
        $this->pairHallRelay();
        $this->get('/jobs/lantern-house/name?slot=hall-relay')->assertSee('Read the mesh: one device reached the hub through it');
        $this->replace('hall-relay', 'dead');
        $this->get('/jobs/lantern-house/name?slot=hall-relay')->assertSee('Its device was replaced')
            ->assertSee('Read the mesh: one device reached the hub through it');
    }

    public function test_a_dead_one_that_its_hub_cannot_forget_yet_is_nobodys_candidate(): void
    {
        $this->gatewayIsAway();
        $old = (string) $this->slot('store-contact')->node?->address;
        $this->replace('store-contact', 'dead');

        self::assertSame('joined', Node::query()->where('address', $old)->sole()->state);
        $this->get('/jobs/lantern-house/name?lens=who&next=store-contact')->assertDontSee('One of its model is in, and nobody’s.');
        $this->gatewayIsAway(false);
        $this->hands('trigger', ['device' => 'store-contact']);
        $this->listen();
        self::assertNull(Node::query()->where('address', $old)->sole()->given_up_at, 'it spoke: it is there');
    }

    public function test_a_hub_that_does_not_forget_a_left_over_one_says_why_until_it_is_asked_again(): void
    {
        $old = $this->slot('store-contact')->node()->firstOrFail();
        $this->gatewayIsAway();
        $this->replace('store-contact', 'dead');
        $this->delete("/jobs/lantern-house/leftovers/{$old->id}")->assertSessionHasNoErrors();
        $this->get('/jobs/lantern-house/name?lens=names')->assertSee($old->address)->assertSee('Not forgotten: ')
            ->assertSee('does not answer');
        self::assertTrue($this->logged("{$old->address} was not let go. "));

        $this->gatewayIsAway(false);
        $this->delete("/jobs/lantern-house/leftovers/{$old->id}")->assertSessionHasNoErrors();
        self::assertNull($old->refresh()->forget_refused);
    }

    public function test_settings_are_carried_over_as_planned_and_set_anew(): void
    {
        $this->replace('chart-dimmer', 'faulty');

        $settings = $this->slot('chart-dimmer')->settings()->orderBy('id')->get();
        self::assertSame([['10', null], ['LED', null]], $settings->map(static fn ($one): array => [$one->planned, $one->actual])->all());
        $this->get('/jobs/lantern-house/fit?slot=chart-dimmer')->assertSee('Least brightness: 10');
    }

    public function test_what_was_set_and_not_planned_is_carried_over_too(): void
    {
        $this->put('/jobs/lantern-house/slots/signal-dimmer/settings', [
            'setting' => 'least', 'kind' => 'actual', 'value' => '12', 'station' => 'fit',
        ])->assertSessionHasNoErrors();
        $this->replace('signal-dimmer', 'dead');

        $setting = $this->slot('signal-dimmer')->settings()->where('name', 'least')->sole();
        self::assertSame(['12', null, null], [$setting->planned, $setting->actual, $setting->set_by]);
    }

    public function test_one_that_goes_into_the_wall_is_fitted_anew(): void
    {
        SlotFit::query()->updateOrCreate(
            ['site_job_id' => $this->siteJob()->id, 'slot_id' => $this->slot('chart-dimmer')->id],
            ['fitted_at' => now(), 'fitted_by' => 'Mara Lindqvist', 'lock_version' => 1],
        );
        $this->replace('chart-dimmer', 'dead');

        self::assertNull(SlotFit::query()->where('slot_id', $this->slot('chart-dimmer')->id)->sole()->fitted_at);
        $this->get('/jobs/lantern-house/pair?next=chart-dimmer')->assertSee('Fit it first');
    }

    public function test_a_device_that_is_excluded_leaves_first_unless_it_is_dead(): void
    {
        $this->htmx('POST', '/jobs/lantern-house/slots/landing-switch/replacement', ['reason' => 'faulty'])->assertStatus(422)
            ->assertSee('open the exclusion window for it first');
        self::assertNotNull($this->slot('landing-switch')->node_id);
        $this->replace('landing-switch', 'dead');
        self::assertNull($this->slot('landing-switch')->node_id);
    }

    public function test_its_code_opens_nothing_any_more_and_stays_in_the_record(): void
    {
        $this->post('/jobs/lantern-house/slots/front-lock/code', [
            'code' => $this->house()->devices['front-lock']->code?->code->spelling(),
        ])->assertSessionHasNoErrors();
        $before = Credential::query()->where('slot_id', $this->slot('front-lock')->id)->whereNotNull('fingerprint')->count();
        self::assertGreaterThan(0, $before);
        $this->replace('front-lock', 'dead');

        $codes = Credential::query()->where('slot_id', $this->slot('front-lock')->id)->whereNotNull('fingerprint')->get();
        self::assertCount($before, $codes);
        self::assertSame(['its device was replaced'], $codes->pluck('stale_because')->unique()->values()->all());
    }

    public function test_another_model_says_what_is_lost_and_is_planned_with_it(): void
    {
        $this->get(self::CONTACT.'/replacement?profile=zb-motion')->assertSee('It can’t: contact.')->assertSee('occupancy');
        $this->get(self::CONTACT.'/replacement?profile=nothing')->assertOk()->assertDontSee('It can’t');
        $this->htmx('POST', self::CONTACT.'/replacement', ['reason' => 'better', 'profile' => 'th-contact'])->assertStatus(422)
            ->assertSee('another radio');
        $this->post('/jobs/lantern-house/slots/chart-climate/replacement', ['reason' => 'better', 'profile' => 'zb-probe'])
            ->assertSessionHasNoErrors();

        self::assertSame('zb-probe', $this->slot('chart-climate')->profile->key);
        self::assertSame(2, $this->siteJob()->plan_version);
        self::assertTrue($this->logged('Planned another model as the inside wall climate sensor.'));
    }

    public function test_a_reason_is_asked_for_and_an_empty_slot_refused(): void
    {
        $this->htmx('POST', self::CONTACT.'/replacement', [])->assertStatus(422)->assertSee('Say why it is replaced.');
        $this->htmx('POST', self::CONTACT.'/replacement', ['reason' => 'boredom'])->assertStatus(422);
        $this->replace('store-contact', 'gone');
        $this->htmx('POST', self::CONTACT.'/replacement', ['reason' => 'gone'])->assertStatus(422)->assertSee('has no device');
    }

    public function test_a_device_that_goes_to_another_slot_takes_its_code_and_leaves_the_name(): void
    {
        $this->replace('signal-window', 'gone');
        $device = (string) $this->slot('store-contact')->node?->address;
        Credential::query()->create([
            'site_job_id' => $this->siteJob()->id, 'slot_id' => $this->slot('store-contact')->id, 'kind' => 'zigbee-install-code',
            'label' => '', 'secret' => 'x', 'fingerprint' => str_repeat('a', 64),
        ]);
        $this->put(self::CONTACT.'/node', ['to' => 'signal-window'])
            ->assertRedirect('/jobs/lantern-house/name?lens=who&slot=signal-window');
        $this->listen();

        [$from, $to] = [$this->slot('store-contact'), $this->slot('signal-window')];
        self::assertSame([null, $device], [$from->node_id, $to->node?->address]);
        self::assertSame(['Store yard door contact', 'Signal room window contact'], [$from->name, $to->name]);
        self::assertSame('Signal room window contact', $to->node?->label);
        self::assertNotNull($to->named_at);
        self::assertSame($to->id, Credential::query()->where('fingerprint', str_repeat('a', 64))->sole()->slot_id);
        self::assertSame('it is the window contact', Stay::of($from)->latest('id')->firstOrFail()->because);
        $this->get('/jobs/lantern-house/name?slot=store-contact')->assertSee('One device was here before')->assertSee($device);
    }

    public function test_a_device_does_not_go_where_another_radio_is_planned(): void
    {
        $this->htmx('PUT', self::CONTACT.'/node', ['to' => 'guest-door'])->assertStatus(422)
            ->assertSee('keeps what it has');
        $this->htmx('PUT', self::CONTACT.'/node', ['to' => 'store-contact'])->assertStatus(422)
            ->assertSee('It is the yard door contact already');
        $this->htmx('PUT', self::CONTACT.'/node', ['to' => ''])->assertStatus(422)->assertSee('Say which one it is.');
        $this->htmx('PUT', self::CONTACT.'/node', ['of' => 'hall-relay'])->assertStatus(422)->assertSee('has no device any more');
        self::assertNotNull($this->slot('store-contact')->node_id);
    }

    public function test_only_who_works_on_the_job_replaces(): void
    {
        $this->as('wren')->post(self::CONTACT.'/replacement', ['reason' => 'dead'])->assertForbidden();
        $this->as('sol')->post(self::CONTACT.'/replacement', ['reason' => 'dead'])->assertNotFound();
    }

    private function replace(string $slot, string $reason): void
    {
        $this->post("/jobs/lantern-house/slots/{$slot}/replacement", ['reason' => $reason])->assertSessionHasNoErrors();
        $this->listen();
    }

    private function pairSpare(): string
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'store-contact'])->assertSessionHasNoErrors();
        $this->hands('carry', ['device' => 'van-contact']);
        foreach ($this->sheetCard()->profile->recipe->join ?? [] as $step) {
            $this->hands('gesture', [
                'device' => 'van-contact', 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds,
            ]);
        }
        $this->pass(15);
        $address = $this->house()->devices['van-contact']->address;
        $this->post(self::CONTACT.'/node', ['address' => $address])->assertSessionHasNoErrors();
        $this->listen();

        return $address;
    }

    private function sheetCard(): SlotCard
    {
        return JobSheet::of($this->siteJob())->cards['store-contact'];
    }
}
