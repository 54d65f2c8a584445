<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 17, as far as pairing: a wired bus whose project is taken in, and a panel on Wi-Fi. */
final class FoundryRoomsTest extends PairsAHouse
{
    protected function key(): string
    {
        return 'foundry-rooms';
    }

    public function test_the_project_of_the_bus_becomes_control_points_and_says_what_they_lack(): void
    {
        $this->bring(<<<'CSV'
            address;name
            1/1/1;Meeting light switch
            1/1/2;Meeting light status
            1/2/1;Lobby light switch
            2/1/1;Meeting keypad key
            2/1/2;Meeting keypad status
            2/2/1;Office keypad key
            3/1/1;Lobby presence status
            CSV);
        $this->get($this->url('/pair?lens=bus'))->assertSeeInOrder(['Lobby light', 'Nothing tells its state']);
        $this->putIn('meeting-keypad', 'Meeting keypad');
        $this->putIn('office-keypad', 'Office keypad');
        $this->putIn('lobby-presence', 'Lobby presence');
        $this->pairAll();

        $this->assertAllAreIn();
    }
}
