<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 7, as far as pairing: a remote with eight keys, and the lamp that it will switch. */
final class PrintersRowTest extends PairsAHouse
{
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
}
