<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Kavvel\Core\Protocol\Protocol;

/** Case 2, as far as the mesh: six Z-Wave devices, each with its inclusion in two steps, its two fields for a name, and its way. */
final class HarnessYardTest extends PairsAHouse
{
    use NamesAHouse;

    protected function key(): string
    {
        return 'harness-yard';
    }

    public function test_each_is_included_by_its_two_steps(): void
    {
        $this->get($this->url('/pair?next=door'))->assertSeeInOrder(['Pull the battery tab', 'Press the tamper key 3 times within']);
        $this->get($this->url('/pair?next=keys'))
            ->assertSeeInOrder(['Hold the first and second key together for 3 s', 'Press the first key']);
        $this->pairAll();

        $this->assertAllAreIn();
    }

    public function test_every_name_fits_both_fields_of_its_device_and_the_ways_of_the_hub_are_read(): void
    {
        $this->pairAll();
        $this->nameAll();
        foreach ($this->house->slots()->with('room')->get() as $slot) {
            self::assertLessThanOrEqual(16, strlen((string) $slot->label), $slot->key);
            self::assertLessThanOrEqual(16, strlen((string) $slot->label_place), $slot->key);
            self::assertSame($slot->label, $this->fold()->world->devices[$slot->key]->label);
        }
        self::assertCount(6, array_unique($this->house->slots()->pluck('label')->all()));

        $this->readRadio(Protocol::ZWave);
        $this->get($this->url('/mesh?lens=zwave'))->assertSee('What the reading says')->assertSee('The ways that the hub goes');
    }

    public function test_one_step_of_two_is_not_enough(): void
    {
        $this->post($this->url('/windows'), ['slot' => 'keys'])->assertSessionHasNoErrors();
        $this->hands('carry', ['device' => 'keys']);
        $this->hands('gesture', ['device' => 'keys', 'kind' => 'hold', 'times' => 1, 'seconds' => 3]);
        $this->pass(70);

        $this->get($this->url('/pair?next=keys'))->assertSee('The device never spoke')->assertSee('Try this next');
    }
}
