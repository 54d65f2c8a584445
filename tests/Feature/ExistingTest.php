<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ExistingDevice;
use App\Models\Slot;
use Tests\TestCase;

/** What the house had before: what stays, what moves over, what goes; and what has to leave before it is paired. */
final class ExistingTest extends TestCase
{
    private const HOUSE = '/jobs/lantern-house';

    private const LENS = self::HOUSE.'/survey?lens=existing';

    private const LAMP = [
        'what' => 'ceiling lamp', 'room' => 'chart', 'kind' => 'profile zb-lamp', 'holder' => 'hub', 'holder_name' => 'the lamp hub',
        'fate' => 'move', 'note' => '',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_what_has_to_leave_first_stands_first_with_its_way_out(): void
    {
        $this->get(self::LENS)->assertOk()
            ->assertSeeInOrder(['Voice speaker', 'stays', 'Radiator valve', 'to leave first', 'Dimmer behind the blank plate'])
            ->assertSeeInOrder([
                'Move it over', 'It is in: an app on Odile’s phone', 'frost protection stays', 'hold the boost', 'It has left',
            ]);
        $this->get(self::LENS.'&at=old-dimmer')->assertSee('any controller of its region can exclude it')->assertSee('SmartStart');
        $this->get(self::LENS.'&at=voice-speaker')->assertDontSee('It has left');
        $this->get('/jobs/weir-cottage/survey?lens=existing')->assertSee('Ask what is there already');
        $this->get('/jobs/weir-cottage/survey?lens=existing&at=add')->assertSee('Draw the rooms first');
    }

    public function test_a_slot_whose_device_is_held_elsewhere_is_not_to_be_paired_before_it_has_left(): void
    {
        $pair = self::HOUSE.'/pair?next=bunk-valve';
        $this->get($pair)
            ->assertSeeInOrder(['Pair the radiator valve', 'It is still in an app', 'remove it in what it is in', 'It has left'])
            ->assertSee('Open the join window all the same')->assertSee('One more device found here has to leave first');
        $this->get(self::HOUSE.'/pair')->assertSee('2 devices found here have to leave first');
        $this->as('wren')->get($pair)->assertSee('It is still in')->assertDontSee('It has left');

        $this->as('mara')->post(self::HOUSE.'/existing/old-valve/departure', ['from' => 'pair'])->assertRedirect($pair);
        $this->get($pair)->assertDontSee('It is still in')->assertSee('Open the join window');
        self::assertTrue($this->logged('The radiator valve has left what it was in.'));
        $this->get(self::LENS.'&at=old-valve')->assertSee('free, to be paired as planned')->assertSee('It has not left after all');
        $this->delete(self::HOUSE.'/existing/old-valve/departure')->assertRedirect(self::LENS.'&at=old-valve');
        $this->get($pair)->assertSee('It is still in');
    }

    public function test_one_that_moves_over_gets_its_slot_where_its_kind_goes(): void
    {
        $this->post(self::HOUSE.'/existing', self::LAMP)->assertRedirect();
        $lamp = ExistingDevice::query()->where('what', 'ceiling lamp')->sole();
        $plan = self::HOUSE."/existing/{$lamp->key}/slot";
        $this->post($plan, ['room' => 'cellar'])->assertSessionHasErrors('room');
        $this->post($plan, ['room' => 'keeper'])->assertRedirect(self::LENS."&at={$lamp->key}");

        $slot = Slot::query()->where('id', $lamp->refresh()->slot_id)->sole();
        self::assertSame(['keeper', 'zb-lamp'], [$slot->room->key, $slot->profile->key]);
        $this->as('idris')->post($plan, ['room' => 'keeper'])->assertSessionHasErrors('slot');
        $this->as('mara')->delete(self::HOUSE."/slots/{$slot->key}")->assertRedirect();
        $this->get(self::LENS."&at={$lamp->key}")->assertSee('Put it on the plan');
    }

    public function test_what_stays_or_is_in_no_catalogue_is_not_planned(): void
    {
        $this->post(self::HOUSE.'/existing/voice-speaker/slot', ['room' => 'signal'])->assertSessionHasErrors('kind');
        $this->put(self::HOUSE.'/existing/old-valve', [...self::LAMP, 'fate' => 'keep', 'lock_version' => '1']);
        ExistingDevice::query()->where('key', 'old-valve')->update(['slot_id' => null]);
        $this->post(self::HOUSE.'/existing/old-valve/slot', ['room' => 'signal'])->assertSessionHasErrors('fate');
    }

    public function test_it_is_noted_changed_by_one_at_a_time_and_taken_off(): void
    {
        $wrongs = ['what' => '', 'room' => 'cellar', 'kind' => '', 'holder' => 'wizard', 'fate' => 'burn'];
        foreach ($wrongs as $field => $wrong) {
            $this->post(self::HOUSE.'/existing', [...self::LAMP, $field => $wrong])->assertSessionHasErrors($field);
        }
        $this->post(self::HOUSE.'/existing', [...self::LAMP, 'kind' => 'profile nothing'])->assertSessionHasErrors('kind');
        $this->post(self::HOUSE.'/existing', [...self::LAMP, 'kind' => 'protocol ir', 'what' => 'fan'])->assertSessionHasNoErrors();
        $this->get(self::LENS)->assertSeeInOrder(['Chart room', 'Fan', 'to be planned']);
        $change = [...self::LAMP, 'lock_version' => '1'];
        $this->put(self::HOUSE.'/existing/old-dimmer', $change)->assertRedirect(self::LENS.'&at=old-dimmer');
        $this->as('idris')->put(self::HOUSE.'/existing/old-dimmer', $change)->assertStatus(409);
        $this->delete(self::HOUSE.'/existing/old-dimmer')->assertRedirect(self::LENS);
        $this->post(self::HOUSE.'/existing/old-dimmer/departure')->assertNotFound();
        $this->as('wren')->post(self::HOUSE.'/existing', self::LAMP)->assertForbidden();
        $this->get(self::LENS.'&at=add')->assertOk()->assertDontSee('Note it');
    }

    public function test_it_outlives_its_room_and_says_so(): void
    {
        ExistingDevice::query()->where('key', 'old-dimmer')->update(['room' => 'attic']);
        $this->siteJob()->touchLive();
        $this->get(self::LENS)->assertOk()->assertSeeInOrder(['No room of the plan', 'Dimmer behind the blank plate']);
        $this->get(self::HOUSE.'/export')->assertOk()->assertDontSee('old-dimmer');
    }
}
