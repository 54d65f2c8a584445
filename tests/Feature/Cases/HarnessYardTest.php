<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 2, as far as pairing: six Z-Wave devices, each with its inclusion in two steps. */
final class HarnessYardTest extends PairsAHouse
{
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

    public function test_one_step_of_two_is_not_enough(): void
    {
        $this->post($this->url('/windows'), ['slot' => 'keys'])->assertSessionHasNoErrors();
        $this->hands('carry', ['device' => 'keys']);
        $this->hands('gesture', ['device' => 'keys', 'kind' => 'hold', 'times' => 1, 'seconds' => 3]);
        $this->pass(70);

        $this->get($this->url('/pair?next=keys'))->assertSee('The device never spoke')->assertSee('Try this next');
    }
}
