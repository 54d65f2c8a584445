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

    public function test_its_driver_has_its_address_and_its_password_in_the_store(): void
    {
        $this->put($this->url('/hubs/hub/checks/network'), ['note' => '10.3.0.0/24, 10.3.0.9'])->assertSessionHasNoErrors();
        $access = ['note' => 'panel installer', 'secret' => 'Crucible-9'];
        $this->put($this->url('/hubs/hub/checks/access'), $access)->assertSessionHasNoErrors();
        $this->get($this->url('/pair?lens=hubs'))->assertSee('10.3.0.9')->assertSee('panel installer')->assertDontSee('Crucible-9');

        $this->post($this->url('/hubs/hub/secret'))->assertSee('Crucible-9');
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
        $this->hearIn('meeting-keypad', 'Meeting keypad');
        $this->hearIn('office-keypad', 'Office keypad');
        $this->hearIn('lobby-presence', 'Lobby presence');
        $this->pairAll();

        $this->assertAllAreIn();
    }

    public function test_each_control_point_is_proved_and_one_that_tells_nothing_is_found(): void
    {
        $this->bring("address;name\n1/1/1;Meeting light switch\n1/1/2;Meeting light status\n1/2/1;Lobby light switch\n"
            ."1/2/2;Lobby light status\n");
        $this->post($this->url('/bus/listening'))->assertSessionHasNoErrors();
        $this->listen();
        foreach (['Meeting light', 'Lobby light'] as $point) {
            $this->post($this->url('/bus/telegrams'), ['point' => $point, 'value' => 'on'])->assertSessionHasNoErrors();
        }
        $this->pass(5);

        $this->get($this->url('/pair?lens=bus'))->assertSeeInOrder([
            '2 control points, all of them whole; 1 of them proved.', 'Lobby light', '1/2/2 told nothing after the switch at 1/2/1.',
            'Meeting light', 'light, proved',
        ]);
    }
}
