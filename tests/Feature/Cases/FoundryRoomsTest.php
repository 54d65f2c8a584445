<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Kavvel\Core\Bridging\Act;

/** Case 17: a wired bus whose project is taken in, led into the panel of the client. */
final class FoundryRoomsTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;

    private const PROJECT = <<<'CSV'
        address;name
        1/1/1;Meeting light switch
        1/1/2;Meeting light status
        1/2/1;Lobby light switch
        2/1/1;Meeting keypad key
        2/1/2;Meeting keypad status
        2/2/1;Office keypad key
        3/1/1;Lobby presence status
        CSV;

    private const LINK = 'from hub-box as driver to ecosystem panel';

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
        $this->bring(self::PROJECT);
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

    public function test_the_panel_is_linked_by_its_driver_with_the_address_of_the_hub_and_a_key_from_the_store(): void
    {
        $this->bringIn();
        $this->get($this->url('/bridge?lens=outage'))->assertSee('10.3.0.9')->assertSee('plant');
        self::assertSame([self::LINK], $this->linkAll());
        $run = $this->house->bridgeLinks()->sole()->run();
        self::assertSame(
            ['names', 'include', 'switch-on', 'switch-on', 'key', 'discover', 'count'],
            array_map(static fn (Act $act): string => $act->kind->value, $run->acts),
        );
        self::assertStringContainsString('address of the hub', $run->acts[3]->say);
        $key = $this->house->bridgeLinks()->sole()->credentials()->sole();
        self::assertSame($this->fold()->ecosystems->boxes['hub-box']->keys['panel'], $key->secret);
        $this->as('wren')->post($this->url("/bridge-links/{$this->house->bridgeLinks()->sole()->id}/key"))->assertForbidden();
    }

    public function test_the_rooms_of_the_panel_are_arranged_as_they_are_here(): void
    {
        $this->bringIn();
        $this->linkAll();
        $this->get($this->url('/bridge'))->assertSee('Set 3 names and 3 rooms there')->assertSee('Set them over the link');
        $this->put($this->url('/ecosystems/panel/names'))->assertSessionHasNoErrors();
        $rooms = [];
        foreach ($this->shownIn('panel') as $shown) {
            $rooms[$shown->room][] = $shown->name;
        }
        ksort($rooms);
        self::assertSame(['Lobby', 'Meeting room', 'Office'], array_keys($rooms));
        $this->proveAll();
        self::assertSame(3, $this->bridging()->countProved());
    }

    public function test_remote_access_is_open_until_its_day_and_has_to_be_closed_before_handing_over(): void
    {
        $opening = ['opening' => 'remote-access', 'of' => 'Hub', 'at' => 'box hub-box'];
        $this->post($this->url('/openings'), $opening + ['until' => now()->addWeek()->format('Y-m-d')])->assertSessionHasNoErrors();
        $state = $this->house->temporaryStates()->sole();
        self::assertSame(now()->addWeek()->format('Y-m-d'), $state->close_by?->format('Y-m-d'));
        $this->get($this->url('/hand-over'))->assertSee('Remote access, Hub');
        $this->get('/jobs')->assertSee('Foundry Rooms')->assertSee('Lantern House');
        $this->delete($this->url("/temporary-states/{$state->key}"));
        $this->get($this->url('/hand-over'))->assertDontSee('Remote access, Hub');
    }

    private function bringIn(): void
    {
        $this->bring(self::PROJECT);
        $this->hearIn('meeting-keypad', 'Meeting keypad');
        $this->hearIn('office-keypad', 'Office keypad');
        $this->hearIn('lobby-presence', 'Lobby presence');
        $names = ['meeting-keypad' => 'Meeting door keys', 'office-keypad' => 'Office door keys', 'lobby-presence' => 'Lobby presence'];
        foreach ($names as $slot => $name) {
            $version = $this->named($slot)->lock_version;
            $this->put($this->url("/slots/{$slot}/name"), ['name' => $name, 'lock_version' => $version])->assertSessionHasNoErrors();
            self::assertNotNull($this->named($slot)->named_at, 'it stands in the project of the bus, and the hub writes nothing');
        }
        $this->settle();
    }
}
