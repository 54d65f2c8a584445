<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 12, as far as pairing: a box with three metering plugs behind it, one of which is added later. */
final class NetLoftTest extends PairsAHouse
{
    protected function key(): string
    {
        return 'net-loft';
    }

    public function test_what_is_added_to_the_box_later_shows_by_itself(): void
    {
        $this->pair('box');
        foreach (['press-plug', 'lamp-plug'] as $slot) {
            $this->take($slot);
        }
        $this->get($this->url('/pair'))
            ->assertSee('Pair the kettle plug')
            ->assertSee('3 are expected behind it: 2 found. What is missing is paired with the bridge in its own app first.')
            ->assertSee('Not behind the bridge yet');

        $this->hands('power', ['device' => 'kettle-plug', 'kind' => 'online']);
        $this->listen();
        $this->take('kettle-plug');

        $this->assertAllAreIn();
        $this->get($this->url('/pair?slot=kettle-plug'))->assertSee('It is taken out there, in the bridge’s own app.');
    }
}
