<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\Models\NameBatch;
use App\Models\Node;
use App\Naming\JobNames;
use App\Naming\RenameAsk;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use Tests\WithStandin;

/** Many names at once, seen before and taken back; rooms; and what is left over on the hub's list. */
final class RenamingTest extends TestCase
{
    use WithStandin;

    private const NAMES = '/jobs/lantern-house/name?lens=names';

    private const ROOMS = '/jobs/lantern-house/name?lens=rooms';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_what_many_names_become_is_seen_before(): void
    {
        $this->get(self::NAMES)->assertSee('58 have no name yet')->assertSee('See names for these 58')->assertSee('no name yet');
        $this->get(self::NAMES.'&at=unnamed')->assertSee('58 names change')->assertSee('Kitchen sink leak sensor')
            ->assertSee('10 labels are written to devices, 5 of them when they wake')->assertSee('Rename these 58');

        self::assertNull($this->slot('freezer')->name);
    }

    public function test_fifty_eight_names_are_given_together_and_taken_back_together(): void
    {
        $this->rename('unnamed')->assertRedirect(self::NAMES);
        $this->listen();

        self::assertSame('Pantry freezer probe', $this->slot('freezer')->name);
        self::assertNotNull($this->slot('freezer')->named_at);
        self::assertSame('Pantry freezer probe', $this->slot('freezer')->node?->label);
        self::assertTrue($this->logged('Changed 58 names: those without a name, by the pattern.'));
        $this->get(self::NAMES)->assertDontSee('have no name yet')->assertSee('58 names:');

        $this->delete($this->last())->assertRedirect(self::NAMES);
        self::assertNull($this->slot('freezer')->name);
        self::assertSame(8, $this->siteJob()->slots()->whereNotNull('name')->count());
        $this->get(self::NAMES)->assertSee('taken back');
    }

    public function test_a_word_is_swapped_in_all_names_and_the_old_ids_are_listed(): void
    {
        $this->get(self::NAMES.'&at='.rawurlencode('contact > sensor'))->assertSee('2 names change')
            ->assertSee('Store yard door sensor')->assertSee('store_yard_door_sensor')->assertSee('2 ids for programs');
        $this->rename('contact > sensor');
        $this->listen();

        self::assertSame('Store yard door sensor', $this->slot('store-contact')->node?->label);
        $batch = NameBatch::query()->sole();
        $csv = $this->get("/jobs/lantern-house/name-batches/{$batch->id}.csv")->assertOk()->getContent();
        self::assertStringStartsWith("slot,old name,new name,old id,new id\r\n", (string) $csv);
        self::assertStringContainsString(
            'store-contact,Store yard door contact,Store yard door sensor,store_yard_door_contact,store_yard_door_sensor',
            (string) $csv,
        );
        $this->delete($this->last());
        $this->listen();
        self::assertSame('Store yard door contact', $this->slot('store-contact')->node?->label);
        self::assertNotNull($this->slot('store-contact')->named_at);
    }

    public function test_names_that_cannot_be_stay_and_say_why(): void
    {
        $this->slot('signal-window')->update(['name' => 'Store yard door sensor']);
        $this->get(self::NAMES.'&at='.rawurlencode('contact > sensor'))->assertSee('None of these can be changed')
            ->assertSee('Stays as it is: 2 devices are called “Store yard door sensor”')->assertDontSee('Rename it');
        $this->htmxRename('contact > sensor')->assertStatus(422)->assertSee('None of these can be changed');
    }

    public function test_what_was_seen_is_what_is_done(): void
    {
        $mark = $this->mark('contact > sensor');
        $this->slot('signal-window')->update(['name' => 'Bay contact']);
        $this->htmx('POST', '/jobs/lantern-house/name-batches', ['at' => 'contact > sensor', 'seen' => $mark])->assertStatus(422)
            ->assertSee('have changed since this was shown');
        $this->htmx('POST', '/jobs/lantern-house/name-batches', ['at' => 'contact', 'seen' => $mark])->assertStatus(422)
            ->assertSee('Say what is to change');
        self::assertSame(0, NameBatch::query()->count());
    }

    public function test_what_says_nothing_to_change_is_said(): void
    {
        $this->get(self::NAMES.'&at=lamp')->assertSee('“lamp” says nothing to change');
        $this->get(self::NAMES.'&at='.rawurlencode('elephant > mouse'))->assertSee('Nothing would change')->assertSee('Back to all names');
    }

    public function test_a_name_that_was_changed_since_is_kept_when_the_rest_is_taken_back(): void
    {
        $this->rename('contact > sensor');
        $slot = $this->slot('signal-window');
        $this->put('/jobs/lantern-house/slots/signal-window/name', ['name' => 'Bay window', 'lock_version' => $slot->lock_version])
            ->assertSessionHasNoErrors();
        $this->delete($this->last())->assertSessionHas('saved', '1 of them had been changed since, and keep the name they have.');

        self::assertSame(['Bay window', 'Store yard door contact'], [
            $this->slot('signal-window')->name, $this->slot('store-contact')->name,
        ]);
    }

    public function test_batches_are_taken_back_the_last_first_and_once(): void
    {
        $this->rename('contact > sensor');
        $this->rename('sensor > detector');
        [$first, $second] = NameBatch::query()->orderBy('id')->get()->all();
        $this->htmx('DELETE', "/jobs/lantern-house/name-batches/{$first->id}")->assertStatus(422)
            ->assertSee('Take back what Mara Lindqvist changed after it first');
        $this->delete("/jobs/lantern-house/name-batches/{$second->id}")->assertSessionHasNoErrors();
        $this->htmx('DELETE', "/jobs/lantern-house/name-batches/{$second->id}")->assertStatus(422)->assertSee('taken back already');
        $this->delete("/jobs/lantern-house/name-batches/{$first->id}")->assertSessionHasNoErrors();

        self::assertSame('Store yard door contact', $this->slot('store-contact')->name);
    }

    public function test_a_form_that_was_open_before_does_not_write_over_a_batch(): void
    {
        $seen = $this->slot('store-contact')->lock_version;
        $this->rename('contact > sensor');
        $this->as('idris')->htmx('PUT', '/jobs/lantern-house/slots/store-contact/name', [
            'name' => 'Yard door', 'lock_version' => $seen,
        ])->assertStatus(409);
        self::assertSame('Store yard door sensor', $this->slot('store-contact')->name);
    }

    public function test_platforms_and_groups_are_held_against_the_names(): void
    {
        $this->put('/jobs/lantern-house/name-rules', [
            'platforms' => "voice platform, 20\npanel", 'groups' => 'Chart room ceiling dimmer',
            'lock_version' => $this->siteJob()->lock_version,
        ])->assertRedirect(self::NAMES);
        $this->get(self::NAMES)->assertSee('“voice platform” takes 20')->assertSee('is also the group');
        $this->get('/jobs/lantern-house/name?next=chart-dimmer')
            ->assertSeeInOrder(['Voice platform, 20 characters', 'Ceiling dimmer', 'Panel']);
        $this->put('/jobs/lantern-house/name-rules', [
            'platforms' => '', 'groups' => '', 'lock_version' => $this->siteJob()->lock_version,
        ]);
        $this->get(self::NAMES)->assertDontSee('takes 20');
    }

    public function test_platforms_that_are_none_are_refused_and_nobody_writes_over_another(): void
    {
        $version = $this->siteJob()->lock_version;
        $this->htmx('PUT', '/jobs/lantern-house/name-rules', ['platforms' => 'panel, 0', 'lock_version' => $version])->assertStatus(422)
            ->assertSee('line 1');
        $this->put('/jobs/lantern-house/name-rules', ['groups' => 'Lights', 'lock_version' => $version])->assertSessionHasNoErrors();
        $this->as('idris')->htmx('PUT', '/jobs/lantern-house/name-rules', ['groups' => 'Lamps', 'lock_version' => $version])
            ->assertStatus(409)->assertSee('Lights');
    }

    public function test_what_is_written_to_a_z_wave_device_is_the_form_that_fits_its_two_fields(): void
    {
        $this->put('/jobs/lantern-house/slots/landing-switch/name', [
            'name' => 'Landing at the top of the stair switch', 'lock_version' => $this->slot('landing-switch')->lock_version,
        ])->assertSessionHasNoErrors();
        $this->listen();
        $slot = $this->slot('landing-switch');

        self::assertNotNull($slot->named_at);
        self::assertLessThanOrEqual(16, strlen((string) $slot->label));
        self::assertSame('Landing', $slot->label_place);
        self::assertSame($slot->label, $slot->node?->label);
        $this->get(self::NAMES)->assertSee("on the device: {$slot->label}, Landing");
    }

    public function test_a_device_is_dragged_into_another_room_and_its_name_follows(): void
    {
        $this->get(self::ROOMS)->assertSee('data-drag="slot" data-drag-key="store-contact"', false)->assertSee('id="drag"', false);
        [$x, $y] = $this->inside('pantry');
        $this->post('/jobs/lantern-house/places', ['slot' => 'store-contact', 'x' => (string) $x, 'y' => (string) $y])
            ->assertRedirect(self::ROOMS.'&next=store-contact');

        self::assertSame('pantry', $this->slot('store-contact')->room->key);
        $this->get(self::ROOMS.'&next=store-contact')->assertSee('It is called “Store yard door contact”')
            ->assertSee('Pantry yard door contact')->assertSee('Rename it')->assertSee('moved the yard door contact');
        $this->put('/jobs/lantern-house/slots/store-contact/name', [
            'name' => 'Pantry yard door contact', 'lock_version' => $this->slot('store-contact')->lock_version, 'from' => 'rooms',
        ])->assertRedirect(self::ROOMS.'&next=store-contact');
        $this->get(self::ROOMS.'&next=store-contact')->assertDontSee('Where it is now the pattern calls it');
    }

    public function test_it_is_put_into_a_room_by_name_on_another_storey_too_and_taken_back(): void
    {
        $before = [$this->slot('store-contact')->x, $this->slot('store-contact')->y];
        $this->post('/jobs/lantern-house/places', ['slot' => 'store-contact', 'room' => 'landing'])->assertSessionHasNoErrors();
        self::assertSame('landing', $this->slot('store-contact')->room->key);
        self::assertTrue($this->logged('Put the yard door contact into the landing.'));

        $edit = $this->siteJob()->planEdits()->latest('id')->firstOrFail();
        $this->delete("/jobs/lantern-house/places/{$edit->id}")->assertRedirect(self::ROOMS);
        self::assertSame(['store', $before], [
            $this->slot('store-contact')->room->key, [$this->slot('store-contact')->x, $this->slot('store-contact')->y],
        ]);
        $this->htmx('DELETE', "/jobs/lantern-house/places/{$edit->id}")->assertStatus(422);
    }

    public function test_a_place_outside_every_room_or_no_place_is_refused(): void
    {
        $this->htmx('POST', '/jobs/lantern-house/places', ['slot' => 'store-contact', 'x' => '-40', 'y' => '-40'])->assertStatus(422);
        $this->htmx('POST', '/jobs/lantern-house/places', ['slot' => 'store-contact', 'room' => 'ballroom'])->assertStatus(422);
        $this->htmx('POST', '/jobs/lantern-house/places', ['slot' => 'store-contact'])->assertStatus(422)
            ->assertSee('Drag it to its place');
        $this->htmx('POST', '/jobs/lantern-house/places', ['slot' => 'nobody', 'room' => 'hall'])->assertStatus(422);
        self::assertSame('store', $this->slot('store-contact')->room->key);
    }

    public function test_one_that_is_wired_at_its_point_stays_there(): void
    {
        $point = $this->siteJob()->points()->firstOrFail();
        $this->slot('chart-dimmer')->update(['point_id' => $point->id]);
        $this->htmx('POST', '/jobs/lantern-house/places', ['slot' => 'chart-dimmer', 'room' => 'hall'])->assertStatus(422)
            ->assertSee('is wired at its point');
    }

    public function test_a_second_copy_is_found_with_what_goes_by_the_first_and_forgotten(): void
    {
        $copy = $this->copyOf('store-contact', '02A7C3000000FFFF');
        $this->get(self::NAMES)->assertSee('Left over on the hub’s list')->assertSee('02A7C3000000FFFF')
            ->assertSee('a second copy of the store yard door contact')->assertSee('3 rungs shown');
        $this->delete("/jobs/lantern-house/leftovers/{$copy->id}")->assertRedirect(self::NAMES);
        $this->htmx('DELETE', "/jobs/lantern-house/leftovers/{$this->slot('store-contact')->node_id}")->assertStatus(422)
            ->assertSee('is the yard door contact');
        self::assertNotNull($copy->refresh()->given_up_at);
    }

    public function test_a_copy_that_lives_takes_the_slot_and_the_old_entry_is_let_go(): void
    {
        $copy = $this->copyOf('store-contact', '02A7C3000000FFFF');
        $copy->update(['heard_at' => now()->addHour()]);
        $old = (string) $this->slot('store-contact')->node?->address;
        $this->get(self::NAMES)->assertSee('The copy was heard later');
        $this->put("/jobs/lantern-house/leftovers/{$copy->id}", ['slot' => 'store-contact'])->assertRedirect(self::NAMES);
        $this->listen();

        self::assertSame('02A7C3000000FFFF', $this->slot('store-contact')->node?->address);
        self::assertSame(Node::LEFT, Node::query()->where('address', $old)->sole()->state);
    }

    public function test_who_does_not_work_on_the_job_changes_nothing(): void
    {
        $mark = $this->mark('contact > sensor');
        $this->as('wren');
        $this->get(self::NAMES)->assertOk()->assertDontSee('Who else shows the names');
        $this->get(self::ROOMS)->assertOk()->assertDontSee('id="drag"', false);
        $this->post('/jobs/lantern-house/name-batches', ['at' => 'contact > sensor', 'seen' => $mark])->assertForbidden();
        $this->post('/jobs/lantern-house/places', ['slot' => 'store-contact', 'room' => 'hall'])->assertForbidden();
        $this->put('/jobs/lantern-house/name-rules', ['groups' => '', 'lock_version' => 1])->assertForbidden();
    }

    private function mark(string $ask): string
    {
        $asked = RenameAsk::of($ask);
        self::assertNotNull($asked);

        return JobNames::read($this->siteJob())->rename($asked)->mark();
    }

    /** @return TestResponse<Response> */
    private function rename(string $ask): TestResponse
    {
        return $this->post('/jobs/lantern-house/name-batches', ['at' => $ask, 'seen' => $this->mark($ask)])->assertSessionHasNoErrors();
    }

    /** @return TestResponse<Response> */
    private function htmxRename(string $ask): TestResponse
    {
        return $this->htmx('POST', '/jobs/lantern-house/name-batches', ['at' => $ask, 'seen' => $this->mark($ask)]);
    }

    private function last(): string
    {
        return '/jobs/lantern-house/name-batches/'.NameBatch::query()->latest('id')->firstOrFail()->id;
    }

    /** @return array{float, float} */
    private function inside(string $room): array
    {
        $outline = JobSheet::of($this->siteJob())->geometry->rooms;
        $corners = array_column($outline, 'outline', 'key')[$room];

        return [array_sum(array_column($corners, 0)) / count($corners), array_sum(array_column($corners, 1)) / count($corners)];
    }

    private function copyOf(string $slot, string $address): Node
    {
        $node = $this->slot($slot)->node;
        self::assertNotNull($node);
        $copy = $node->replicate();
        $copy->fill(['address' => $address, 'label' => "{$this->slot($slot)->name} 2", 'heard_at' => now()->subYear()])->save();

        return $copy;
    }
}
