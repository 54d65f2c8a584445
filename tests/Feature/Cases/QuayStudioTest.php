<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 4, as far as the survey: which remotes are infrared, and the one place that sees all that are. */
final class QuayStudioTest extends CarriesAHouse
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

    private function remote(string $slot, string $worksAway, string $version = '1'): void
    {
        $this->put($this->url("/slots/{$slot}/remote"), ['works_away' => $worksAway, 'toggles' => '0', 'lock_version' => $version])
            ->assertSessionHasNoErrors();
    }
}
