<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\Models\BusAddress;
use App\Models\BusTelegram;
use App\Models\JoinWindow;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Bus\BusCause;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;
use Kavvel\Standin\House\Fault;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\WithStandin;

/** A linked hub listens to the wired bus: who speaks is named and let in, what is switched tells its state. */
final class BusListeningTest extends TestCase
{
    use WithStandin;

    private const BUS = '/jobs/lantern-house/bus';

    private const PAGE = '/jobs/lantern-house/pair?lens=bus';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_a_key_that_is_pressed_is_named_and_comes_in_with_one_touch(): void
    {
        $this->get(self::PAGE)->assertSee('Listen to the bus')->assertDontSee('Stop listening')->assertSee('not heard yet');
        $this->listenToBus();
        $this->get(self::PAGE)->assertSee('Press a key, walk past a sensor')->assertSee('Mara Lindqvist')->assertSee('Stop listening')
            ->assertSee('data-live="yes"', false);
        $this->operate('hall-keypad');

        $this->get(self::PAGE)->assertSeeInOrder(['1/2/1', 'Hall keypad', '“pressed”', 'from 1.1.12', 'Yes, the door keypad']);
        $this->takeIn('Hall keypad', 'hall-keypad')->assertRedirect(self::PAGE);

        $slot = $this->slot('hall-keypad');
        self::assertSame('1/2/1', $slot->node?->address);
        self::assertSame([Rung::Radio, Rung::Hub], $slot->proofResults()->where('outcome', Outcome::Passed)->orderBy('id')->get()
            ->map(static fn ($one) => $one->rung)->all());
        self::assertSame('heard pressed at 1/2/1', $slot->proofResults()->value('reason'));
        self::assertTrue($this->logged('Heard on the bus: the door keypad is in as 1/2/1.'));
        $this->get(self::PAGE)->assertSee('the door keypad, it is in')->assertDontSee('Yes, the door keypad');
    }

    public function test_a_light_that_the_hub_switches_tells_its_state_and_one_without_feedback_is_seen(): void
    {
        $this->listenToBus();
        foreach (['Hall light', 'Stair light'] as $point) {
            $this->switch($point, 'on')->assertSessionHasNoErrors();
        }
        $this->pass(5);
        self::assertTrue($this->fold()->world->devices['board-stair-light']->on);

        $this->get(self::PAGE)->assertSeeInOrder(['4 control points, one of them lacks something; 1 proved.', 'light, proved',
            'Stair light', '“on”', 'Nothing tells its state']);
        self::assertTrue($this->logged('Said “on” at 1/1/1 of the bus, “Hall light”.'));

        $this->hands('fault', ['device' => 'board-hall-light', 'fault' => Fault::TellsNothing->value]);
        $this->switch('Hall light', 'off');
        $this->pass(1);
        $this->get(self::PAGE)->assertDontSee('1/1/2 told nothing');
        $before = $this->siteJob()->live_version;
        $this->travel(7)->seconds();
        $this->listen();
        self::assertGreaterThan($before, $this->siteJob()->live_version, 'whoever looks sees that nothing was told');
        $this->travelBack();
        $this->pass(3);
        $this->get(self::PAGE)->assertSee('1/1/2 told nothing after the switch at 1/1/1.')->assertSee('; 0 proved.');
    }

    #[DataProvider('faults')]
    public function test_a_planted_fault_is_advised_first(?Fault $fault, string $other, BusCause $first): void
    {
        $this->hands('fault', ['device' => 'hall-keypad', 'fault' => $fault->value ?? '']);
        $this->listenToBus();
        $this->operate($other);
        $this->operate('hall-keypad');

        $this->get(self::PAGE)->assertDontSee('Yes, the door keypad')
            ->assertSeeInOrder(['It was operated, and nothing is heard', '<li><strong>'.$first->words()], false);
    }

    /** @return iterable<string, array{Fault|null, string, BusCause}> */
    public static function faults(): iterable
    {
        yield 'no supply' => [Fault::NoBusSupply, 'log-presence', BusCause::NoSupply];
        yield 'never loaded, and others speak' => [Fault::NotLoaded, 'log-presence', BusCause::NotLoaded];
        yield 'an older project in it' => [Fault::OlderProject, 'log-presence', BusCause::OtherAddress];
    }

    public function test_an_address_that_the_project_has_not_is_said_to_be_none(): void
    {
        $this->hands('fault', ['device' => 'hall-keypad', 'fault' => Fault::OlderProject->value]);
        $this->listenToBus();
        $this->operate('hall-keypad');

        $this->get(self::PAGE)->assertSeeInOrder(['1/2/101', 'Not in the project', '“pressed”', 'an older one in the device']);
    }

    public function test_what_was_not_heard_lately_does_not_come_in(): void
    {
        $this->takeIn('Hall keypad', 'hall-keypad')->assertSessionHasErrors('bus');
        $this->listenToBus();
        $this->operate('hall-keypad');
        $this->delete(self::BUS.'/listening');
        $this->listen();
        $this->listenToBus();
        $this->takeIn('Hall keypad', 'hall-keypad')->assertSessionHasErrors('bus');
        $this->get(self::PAGE)->assertDontSee('Yes, the door keypad');
        $this->operate('hall-keypad');
        $this->takeIn('Hall keypad', 'hall-keypad')->assertSessionHasNoErrors();
        $this->takeIn('Hall keypad', 'hall-keypad')->assertSessionHasErrors('address');
    }

    public function test_the_wrong_device_is_refused(): void
    {
        $this->listenToBus();
        $this->operate('hall-keypad');
        $this->takeIn('Hall keypad', 'hall-relay')->assertSessionHasErrors('bus');
        $this->takeIn('Hall keypad', 'nobody')->assertSessionHasErrors('slot');
        $this->takeIn('Nobody', 'hall-keypad')->assertSessionHasErrors('point');
        $this->post(self::BUS.'/devices', ['point' => 'Hall keypad', 'slot' => ''])->assertSessionHasErrors('slot');
        $this->switch('Log room', 'on')->assertSessionHasErrors('bus');
        $this->switch('Hall light', 'dim')->assertSessionHasErrors('value');

        self::assertNull($this->slot('hall-keypad')->node);
        self::assertSame(0, BusAddress::query()->whereNotNull('slot_id')->count(), 'a refusal leaves no match behind');
    }

    public function test_two_who_listen_share_one_window(): void
    {
        $this->listenToBus();
        $this->as('idris');
        $this->post(self::BUS.'/listening')->assertSessionHasNoErrors();
        $this->get(self::PAGE)->assertSee('Mara Lindqvist')->assertSee('Stop listening');
        $this->operate('log-presence');
        $this->takeIn('Log room', 'log-presence')->assertSessionHasNoErrors();
        $this->as('mara');
        $this->takeIn('Log room', 'log-presence')->assertSessionHasErrors('address');

        self::assertSame(1, JoinWindow::query()->where('kind', 'hear')->count());
        $this->get('/jobs/lantern-house/pair')->assertSee('Pair the ceiling relay');
    }

    public function test_a_hub_that_falls_silent_while_it_listens_is_said_to_be_and_nothing_is_switched_blindly(): void
    {
        $this->listenToBus();
        $this->gatewayIsAway();
        $this->listen();
        $this->get(self::PAGE)->assertSee('Nothing is heard of Hub itself')->assertDontSee('Press a key, walk past');
        $this->switch('Hall light', 'on');
        $this->get(self::PAGE)->assertSee('It was not said.');

        $this->gatewayIsAway(false);
        $this->hands('boot', ['epoch' => 'second']);
        $this->listen();
        $this->get(self::PAGE)->assertSee('Listen to the bus');
        $this->switch('Hall light', 'on')->assertSessionHasErrors('bus');
        self::assertNull(BusTelegram::query()->where('address', '1/1/1')->first());
    }

    public function test_without_a_supply_the_hub_says_that_it_could_not_say_it(): void
    {
        $this->hands('fault', ['device' => 'hall-keypad', 'fault' => Fault::NoBusSupply->value]);
        $this->listenToBus();
        $this->switch('Hall light', 'on');
        $this->pass(1);

        $this->get(self::PAGE)->assertSee('It was not said. The hub could not say it: the bus has no supply.');
        $this->hands('fault', ['device' => 'hall-keypad', 'fault' => '']);
        $this->switch('Hall light', 'on');
        $this->pass(1);
        $this->get(self::PAGE)->assertDontSee('It was not said.');
    }

    public function test_a_bus_that_no_hub_hears_is_put_in_by_hand(): void
    {
        $this->siteJob()->networks()->where('protocol', 'wired')->update(['linked' => false]);
        $this->get(self::PAGE)->assertSee('No hub hears this bus over its link')->assertDontSee('Listen to the bus');
        $this->post(self::BUS.'/listening')->assertSessionHasErrors('bus');

        $this->as('wren');
        $this->post(self::BUS.'/listening')->assertForbidden();
        $this->get(self::PAGE)->assertDontSee('Take it in');
    }

    public function test_what_was_heard_goes_with_the_job_file(): void
    {
        $this->listenToBus();
        $this->switch('Hall light', 'on');
        $this->switch('Stair light', 'on');
        $this->pass(5);
        $this->delete(self::BUS.'/listening');
        $this->listen();
        $file = app(Exporter::class)->export($this->siteJob());
        $rows = array_column($file['busAddresses'], 'heard', 'address');
        self::assertSame(['on', '1.1.4'], [$rows['1/1/2']['value'], $rows['1/1/2']['from']]);
        self::assertNull($rows['1/1/1']['from']);
        self::assertArrayNotHasKey('1/2/1', $rows);

        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $this->get("/jobs/{$copy->key}/pair?lens=bus")->assertSeeInOrder(['; 1 proved.', 'light, proved', 'Stair light', '“on”']);
        self::assertSame($rows, array_column(app(Exporter::class)->export($copy)['busAddresses'], 'heard', 'address'));
    }

    private function listenToBus(): void
    {
        $this->post(self::BUS.'/listening')->assertRedirect(self::PAGE);
        $this->listen();
    }

    private function operate(string $device): void
    {
        $this->hands('trigger', ['device' => $device]);
        $this->listen();
    }

    /** @return TestResponse<Response> */
    private function takeIn(string $point, string $slot): TestResponse
    {
        return $this->post(self::BUS.'/devices', ['point' => $point, 'slot' => $slot]);
    }

    /** @return TestResponse<Response> */
    private function switch(string $point, string $value): TestResponse
    {
        return $this->post(self::BUS.'/telegrams', ['point' => $point, 'value' => $value]);
    }
}
