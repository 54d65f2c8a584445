<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 14, as far as pairing: a battery knob, and the lamps that it will dim. */
final class ClockTowerFlatTest extends PairsAHouse
{
    protected function key(): string
    {
        return 'clock-tower';
    }

    public function test_the_lamps_come_in_before_the_knob_that_passes_nothing_on(): void
    {
        $order = [];
        while (($card = $this->nextOf($this->key())) !== null) {
            $order[] = $card->key();
            $this->pair($card->key());
        }

        self::assertSame('knob', $order[3]);
        $this->assertAllAreIn();
    }

    public function test_the_knob_is_turned_and_not_pressed(): void
    {
        $this->get($this->url('/pair?next=knob'))->assertSeeInOrder(['Pull the battery tab', 'Turn']);
        $this->post($this->url('/windows'), ['slot' => 'knob'])->assertSessionHasNoErrors();
        $this->hands('gesture', ['device' => 'knob', 'kind' => 'press', 'times' => 3]);
        $this->pass(260);

        $this->get($this->url('/pair?next=knob'))->assertSee('The device never spoke');
    }
}
