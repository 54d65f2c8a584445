<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 7, as far as naming: a remote with eight keys, the lamp that it will switch, and a second remote that takes its place. */
final class PrintersRowTest extends PairsAHouse
{
    use NamesAHouse;

    protected function key(): string
    {
        return 'printers-row';
    }

    public function test_the_remote_comes_in_by_its_pin_hole(): void
    {
        $this->get($this->url('/pair?next=remote'))->assertSee('the hole in its back for 3 s')->assertSee('The light runs along the keys');
        $this->pairAll();

        $this->assertAllAreIn();
    }

    public function test_a_remote_that_misses_presses_is_replaced_and_takes_its_name(): void
    {
        $this->pairAll();
        $this->nameAll();
        $name = $this->named('remote')->name;
        $this->post($this->url('/slots/remote/replacement'), ['reason' => 'faulty'])->assertSessionHasNoErrors();
        $this->pass(1);
        $this->post($this->url('/windows'), ['slot' => 'remote'])->assertSessionHasNoErrors();
        $this->hands('carry', ['device' => 'second-remote']);
        foreach ($this->card('remote')->profile->recipe->join ?? [] as $step) {
            $this->hands('gesture', [
                'device' => 'second-remote', 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds,
            ]);
        }
        $this->pass(15);
        $this->matchIn($this->key(), $this->card('remote'), $this->house()->devices['second-remote']->address);
        $this->pass(1);

        self::assertSame($name, $this->fold()->world->devices['second-remote']->label);
        $this->get($this->url('/name?slot=remote'))->assertSee('it does not work as it should')
            ->assertDontSee('Its device was replaced');
    }
}
