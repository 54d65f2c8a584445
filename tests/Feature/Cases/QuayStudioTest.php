<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 4, as far as pairing: which remotes are infrared, the one place that sees all that are, and what their senders are taught. */
final class QuayStudioTest extends PairsAHouse
{
    protected function key(): string
    {
        return 'quay-studio';
    }

    public function test_one_blaster_sees_everything_through_the_open_door(): void
    {
        $this->lens('radio', 'ir')
            ->assertSeeInOrder(['One blaster sees them', '3 of 3 devices, from', 'studio, shelf'])
            ->assertSeeInOrder(['television', 'projector', 'air conditioner'])
            ->assertDontSee('Seen from no socket or shelf');
    }

    public function test_pointed_away_tells_infrared_from_radio(): void
    {
        foreach (['tv', 'projector', 'aircon'] as $slot) {
            $this->remote($slot, '0');
            $this->get($this->url("/survey?slot={$slot}"))->assertSee('Its remote: infrared');
        }
        foreach (['studio-fan', 'alcove-fan', 'rack'] as $slot) {
            $this->remote($slot, '1');
            $this->get($this->url("/survey?slot={$slot}"))->assertSee('Its remote: 433 MHz');
        }
        // A projector that was found to work from behind is no infrared device, whatever the plan says.
        $this->remote('projector', '1', '2');
        $this->get($this->url('/survey?slot=projector'))->assertSee('Its remote is 433 MHz, and the plan says Infrared');
    }

    public function test_one_code_for_on_and_off_is_told_to_have_no_state(): void
    {
        $this->put($this->url('/slots/aircon/remote'), ['works_away' => '0', 'toggles' => '1', 'lock_version' => '1'])->assertRedirect();
        $this->get($this->url('/survey?slot=aircon'))->assertSee('One code switches it on and off');
    }

    public function test_presets_are_tried_and_the_missing_keys_learnt(): void
    {
        $this->works('projector', 'On');
        $this->fails('projector', 'Off');
        $this->learns('projector', 'Off');
        // The hub has no codes for the fans: what it says so of is learnt at once.
        foreach (['On', 'Off'] as $key) {
            $this->post($this->url('/slots/studio-fan/keys/signals'), ['key' => $key])->assertSessionHasNoErrors();
            $this->learns('studio-fan', $key);
        }
        $this->get($this->url('/pair?lens=teach'))->assertSeeInOrder(['All its keys work: it is in', 'All its keys work: it is in']);
        foreach (['projector', 'studio-fan'] as $slot) {
            $this->post($this->url("/slots/{$slot}/hand-pairing"), ['address' => '', 'station' => 'pair'])->assertSessionHasNoErrors();
        }

        self::assertSame(2, $this->sheetOf($this->key())->countIn());
        self::assertFalse($this->card('alcove-fan')->isIn());
    }

    /** It is sent, obeyed, and said so. */
    private function works(string $slot, string $key, string $act = 'preset-works'): void
    {
        $this->send($slot, $key);
        self::assertSame($key, $this->fold()->world->devices[$slot]->did);
        $this->put($this->url("/slots/{$slot}/keys"), ['key' => $key, 'learn' => $act])->assertSessionHasNoErrors();
    }

    private function fails(string $slot, string $key): void
    {
        $this->send($slot, $key);
        self::assertNotSame($key, $this->fold()->world->devices[$slot]->did);
        $this->put($this->url("/slots/{$slot}/keys"), ['key' => $key, 'learn' => 'preset-fails'])->assertSessionHasNoErrors();
    }

    private function learns(string $slot, string $key): void
    {
        $this->post($this->url("/slots/{$slot}/keys/listening"), ['key' => $key])->assertSessionHasNoErrors();
        $this->hands('remote-key', ['device' => $slot, 'kind' => $key, 'seconds' => 0.3, 'point' => 'hub']);
        $this->listen();
        $this->works($slot, $key, 'works');
    }

    private function send(string $slot, string $key): void
    {
        $this->post($this->url("/slots/{$slot}/keys/signals"), ['key' => $key])->assertSessionHasNoErrors();
        $this->pass(1);
    }

    private function remote(string $slot, string $worksAway, string $version = '1'): void
    {
        $this->put($this->url("/slots/{$slot}/remote"), ['works_away' => $worksAway, 'toggles' => '0', 'lock_version' => $version])
            ->assertSessionHasNoErrors();
    }
}
