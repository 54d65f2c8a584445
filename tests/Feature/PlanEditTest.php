<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Floorplan\PlanStore;
use App\Floorplan\Subject;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\Wall;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Floorplan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Drawing the plan of a house: what is asked for is drawn, taken back, refused in words, and seen by whoever works on it too. */
final class PlanEditTest extends TestCase
{
    private const COTTAGE = '/jobs/weir-cottage';

    private const HOUSE = '/jobs/lantern-house';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_an_empty_job_is_drawn_room_by_room(): void
    {
        $this->get(self::COTTAGE.'/survey')->assertOk()->assertSee('Measure the first room')->assertSee('Draw the rooms');
        $this->room('kitchen 4.2 x 3.6, h 2.5')->assertRedirect(self::COTTAGE.'/survey?lens=rooms&storey=ground&at=new');
        $this->room('hall 2 x 3.6');

        $this->get(self::COTTAGE.'/survey?lens=rooms&storey=ground&at=new')->assertOk()
            ->assertSeeInOrder(['<h2>Hall</h2>', '2.00 × 3.60 m clear', 'Last: measured the hall, 2.00 × 3.60 m'], false)
            ->assertSeeInOrder(['List of Ground floor', 'Wall between hall and kitchen']);
        self::assertSame(2.5, $this->cottage()->rooms()->where('key', 'kitchen')->value('height'));
        self::assertSame(3, $this->cottage()->plan_version);
        self::assertTrue($this->logged('Measured the kitchen, 4.20 × 3.60 m.', 'weir-cottage'));
    }

    public function test_drawn_rooms_are_no_plan_yet(): void
    {
        $this->room('kitchen 4.2 x 3.6');

        $this->get(self::COTTAGE.'/survey')->assertSee('Ask what is wanted')->assertDontSee('The plan is ready');
        $this->get(self::COTTAGE.'/forms/add-slot?storey=ground')->assertOk();
        $profile = DB::table('profiles')->where('company_id', $this->cottage()->company_id)->value('key');
        $this->post(self::COTTAGE.'/slots', [
            'place' => 'wall', 'what' => 'lamp', 'room' => 'kitchen', 'profile' => $profile, 'x' => '1', 'y' => '1', 'height' => '1.6',
            'mounting' => 'surface', 'feed' => '', 'note' => '',
        ])->assertSessionHasNoErrors();
        $this->get(self::COTTAGE.'/survey')->assertSee('Put a hub on the plan')->assertSee('Put it there');
        $this->as('idris')->get(self::COTTAGE.'/survey')->assertSee('A lead puts it there.')->assertDontSee('Put it there');
    }

    public function test_a_hub_is_put_into_a_room_at_the_survey_and_stands_inside_it(): void
    {
        $this->room('kitchen 6 x 6');
        $this->edit(['edit' => 'cut-corner', 'room' => 'kitchen', 'corner' => '2', 'dx' => '4', 'dy' => '4']);

        $this->post(self::COTTAGE.'/hubs', ['name' => 'Hub', 'room' => 'kitchen', 'from' => 'survey'])
            ->assertRedirect(self::COTTAGE.'/survey');

        $hub = DB::table('gateways')->where('site_job_id', $this->cottage()->id)->sole();
        self::assertTrue($this->plan()->room('kitchen')->polygon()->contains((float) $hub->x, (float) $hub->y));
    }

    public function test_what_was_done_is_taken_back_and_done_again(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $this->room('hall 2 x 3.6');
        $before = $this->plan()->rows();
        $this->edit(['edit' => 'move-room', 'room' => 'hall', 'dx' => '1,5', 'dy' => '0.25']);
        $moved = $this->plan()->rows();
        self::assertSame([5.82, 0.25], $this->plan()->room('hall')->outline[0]);

        $edit = $this->lastEdit();
        $this->delete(self::COTTAGE."/plan-edits/{$edit}")->assertRedirect();
        self::assertEquals($before, $this->plan()->rows());
        self::assertTrue($this->logged('Took back: moved the hall.', 'weir-cottage'));

        $this->put(self::COTTAGE."/plan-edits/{$edit}")->assertRedirect();
        self::assertEquals($moved, $this->plan()->rows());
    }

    public function test_a_new_edit_ends_what_could_be_done_again(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $this->room('hall 2 x 3.6');
        $undone = $this->lastEdit();
        $this->delete(self::COTTAGE."/plan-edits/{$undone}");
        $this->room('store 1 x 1');

        $this->put(self::COTTAGE."/plan-edits/{$undone}")->assertNotFound();
        $this->get(self::COTTAGE.'/survey?lens=rooms')->assertDontSee('Hall');
    }

    public function test_what_another_did_meanwhile_is_not_taken_back_unseen(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $mine = $this->lastEdit();
        $this->as('idris');
        $this->room('hall 2 x 3.6');
        $this->as('mara');

        $this->delete(self::COTTAGE."/plan-edits/{$mine}")->assertSessionHasErrors([
            'plan' => 'Idris Vane measured the hall, 2.00 × 3.60 m in the meantime. Look at the plan, then take back what you want.',
        ]);
        $this->get(self::COTTAGE.'/survey?lens=rooms')->assertSee('Last: measured the hall, 2.00 × 3.60 m, by Idris Vane.');
    }

    public function test_two_who_change_one_room_do_not_overwrite_each_other(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $this->room('hall 2 x 3.6');
        $seen = Subject::mark($this->plan(), 'rooms', 'hall');
        $this->edit(['edit' => 'move-room', 'room' => 'hall', 'dx' => '1', 'dy' => '0', 'seen' => $seen])->assertSessionHasNoErrors();
        $this->edit(['edit' => 'resize-room', 'room' => 'hall', 'width' => '3', 'depth' => '3', 'seen' => $seen])
            ->assertSessionHasErrors(
                ['plan' => 'Somebody changed the hall after you looked. It is shown as it is now: change it again if need be.'],
            );

        // Another room is another matter.
        $this->edit([
            'edit' => 'change-room', 'room' => 'kitchen', 'name' => 'Scullery', 'code' => 'scu', 'kind' => 'room', 'room_height' => '',
            'seen' => Subject::mark($this->plan(), 'rooms', 'kitchen'),
        ])->assertSessionHasNoErrors();
        self::assertSame(['Scullery', 'SCU'], [$this->plan()->room('kitchen')->name, $this->plan()->room('kitchen')->code]);
    }

    public function test_what_is_gone_is_said_to_be_gone(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $mark = Subject::mark($this->plan(), 'rooms', 'kitchen');
        $this->edit(['edit' => 'remove-room', 'room' => 'kitchen', 'seen' => $mark]);

        $this->edit(['edit' => 'move-room', 'room' => 'kitchen', 'dx' => '1', 'dy' => '1', 'seen' => $mark])
            ->assertSessionHasErrors(['plan' => 'That room is no longer on the plan. Somebody changed it; look again.']);
    }

    public function test_walls_openings_storeys_ducts_and_points(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $wall = $this->wallCalled('outer wall of kitchen, top');
        foreach ([
            [
                'edit' => 'change-wall',
                'wall' => $wall,
                'construction' => 'own',
                'layers' => 'plasterboard 12.5, foil, brick 215',
                'label' => 'party wall',
            ],
            ['edit' => 'put-opening', 'wall' => $wall, 'number' => '', 'opening' => 'window', 'offset' => '1', 'opening_width' => '1.2',
                'sill' => '0.9',
                'head' => '2.1'],
            ['edit' => 'move-wall', 'wall' => $this->wallCalled('outer wall of kitchen, bottom'), 'by' => '0.4'],
            ['edit' => 'cut-corner', 'room' => 'kitchen', 'corner' => '2', 'across' => '1', 'down' => '1.5'],
            ['edit' => 'add-storey', 'name' => 'First floor', 'where' => 'above', 'height' => '2.3', 'floor' => 'timber'],
            ['edit' => 'change-storey', 'storey' => 'ground', 'name' => 'Ground', 'height' => '2.6', 'floor' => 'as-is',
                'outer' => 'granite-550',
                'inner' => 'as-is'],
            ['edit' => 'add-riser', 'name' => 'Riser', 'x' => '1', 'y' => '1', 'storey' => 'ground', 'to' => 'first-floor'],
            ['edit' => 'add-duct', 'name' => 'Duct', 'storey' => 'ground', 'path' => '1,1 3,1', 'height' => '2.2'],
            [
                'edit' => 'add-point',
                'storey' => 'ground',
                'x' => '0.5',
                'y' => '1',
                'height' => '0.4',
                'purpose' => 'socket',
                'mains' => '1',
            ],
            ['edit' => 'move-point', 'point' => 'kitchen-p01', 'x' => '0.6', 'y' => '2'],
        ] as $edit) {
            $this->edit($edit)->assertSessionHasNoErrors();
        }
        $plan = $this->plan();

        self::assertSame(['party wall', 2.6], [$plan->wall($wall)->label, $plan->wall($wall)->height]);
        self::assertSame(['plasterboard', 'foil', 'brick'], array_column($plan->wall($wall)->layers, 'material'));
        self::assertSame(['window'], array_column($plan->wall($wall)->openings, 'kind'));
        self::assertCount(6, $plan->room('kitchen')->outline);
        self::assertSame(2.9, $plan->storey('first-floor')->elevation);
        self::assertSame([[1.0, 1.0, 2.2], [3.0, 1.0, 2.2]], $plan->duct('duct')->path);
        self::assertSame([0.6, 2.0, 0.4], $plan->thing('points', 'kitchen-p01')->position);
        foreach (['room kitchen', "wall {$wall}", 'duct duct', 'duct riser', 'point kitchen-p01', 'storey', 'room nowhere'] as $at) {
            $this->get(self::COTTAGE.'/survey?lens=rooms&at='.urlencode($at))->assertOk();
        }
        foreach ([
            ['edit' => 'remove-opening', 'wall' => $wall, 'opening_number' => '0'],
            ['edit' => 'remove-duct', 'duct' => 'duct'], ['edit' => 'remove-point', 'point' => 'kitchen-p01'],
            ['edit' => 'remove-storey', 'storey' => 'first-floor'],
        ] as $edit) {
            $this->edit($edit)->assertSessionHasNoErrors();
        }
        self::assertSame([[], 1, []], [$this->plan()->wall($wall)->openings, count($this->plan()->storeys), $this->plan()->things]);
        // All of it, one by one, back to the empty plan.
        while (($edit = $this->cottage()->planEdits()->where('is_undone', false)->latest('id')->value('id')) !== null) {
            $this->delete(self::COTTAGE."/plan-edits/{$edit}")->assertSessionHasNoErrors();
        }
        self::assertSame(
            [1, [], [], []],
            [count($this->plan()->storeys), $this->plan()->rooms, $this->plan()->walls, $this->plan()->ducts],
        );
    }

    /** @param array<string, string> $edit */
    #[DataProvider('refusals')]
    public function test_what_can_not_be_is_refused_and_nothing_is_changed(string $field, string $words, array $edit): void
    {
        $this->room('kitchen 4.2 x 3.6');
        $this->room('hall 2 x 3.6');
        $version = $this->cottage()->plan_version;

        $this->edit($edit)->assertSessionHasErrors([$field]);
        self::assertStringContainsString($words, (string) session('errors')?->first($field));
        self::assertSame($version, $this->cottage()->plan_version);
    }

    /** @return iterable<string, array{string, string, array<string, string>}> */
    public static function refusals(): iterable
    {
        return [
            'no such edit' => ['edit', 'none of the choices', ['edit' => 'explode']],
            'no edit' => ['edit', 'is missing', []],
            'no measures' => [
                'measured',
                'a name and two measures',
                ['edit' => 'add-room', 'storey' => 'ground', 'kind' => 'room', 'measured' => 'kitchen'],
            ],
            'no such storey' => [
                'plan',
                'That storey is no longer',
                ['edit' => 'add-room', 'storey' => 'loft', 'kind' => 'room', 'measured' => 'a 1 x 1'],
            ],
            'no number' => ['dx', 'has to be a number', ['edit' => 'move-room', 'room' => 'hall', 'dx' => 'far', 'dy' => '0']],
            'over another' => ['plan', 'would lie over the Kitchen', ['edit' => 'move-room', 'room' => 'hall', 'dx' => '-2', 'dy' => '0']],
            'no layer' => [
                'measured',
                'custard',
                [
                    'edit' => 'change-wall',
                    'wall' => 'ground-w01',
                    'construction' => 'own',
                    'layers' => 'custard 20',
                    'label' => 'wall',
                ],
            ],
            'no layers' => [
                'layers',
                'Say which layers',
                ['edit' => 'change-wall', 'wall' => 'ground-w01', 'construction' => 'own', 'layers' => '', 'label' => 'wall'],
            ],
            'a point outside' => [
                'x',
                'outside every room',
                ['edit' => 'add-point', 'storey' => 'ground', 'x' => '99', 'y' => '1', 'height' => '1', 'purpose' => 'socket'],
            ],
            'a way of one place' => [
                'path',
                'touch two at least',
                ['edit' => 'add-duct', 'name' => 'D', 'storey' => 'ground', 'path' => '1,1', 'height' => '2'],
            ],
            'no way' => [
                'path',
                'Places are written',
                ['edit' => 'add-duct', 'name' => 'D', 'storey' => 'ground', 'path' => 'here there', 'height' => '2'],
            ],
        ];
    }

    public function test_devices_go_with_their_room_and_keep_it_on_the_plan(): void
    {
        $before = $this->slot('shed-plug');
        $mark = Subject::mark($this->plan('lantern-house'), 'rooms', 'shed');
        $this->post(self::HOUSE.'/plan-edits', ['edit' => 'move-room', 'room' => 'shed', 'dx' => '3', 'dy' => '1', 'seen' => $mark])
            ->assertSessionHasNoErrors();
        $inShed = Slot::query()->whereRelation('room', 'key', 'shed')->where('site_job_id', $before->site_job_id)->get();
        self::assertGreaterThan(1, $inShed->count());
        foreach ($inShed as $slot) {
            self::assertGreaterThan(32.0, $slot->x);
            self::assertSame(2, $slot->lock_version, 'who edits it now sees that it moved');
        }
        $this->post(self::HOUSE.'/plan-edits', ['edit' => 'remove-room', 'room' => 'shed'])->assertSessionHasErrors('plan');

        $this->get(self::HOUSE.'/pair')->assertOk();
        self::assertSame(2, $this->siteJob()->forecasts()->max('plan_version'), 'forecasts follow');
    }

    public function test_a_device_that_was_added_is_taken_back_like_anything_else(): void
    {
        $this->post(self::HOUSE.'/slots', [
            'place' => 'wall', 'what' => 'lamp', 'room' => 'hall', 'profile' => 'zb-lamp', 'x' => '3.5', 'y' => '5.8', 'height' => '1.6',
            'mounting' => 'surface', 'feed' => '', 'note' => '',
        ])->assertSessionHasNoErrors();
        $edit = (int) $this->siteJob()->planEdits()->max('id');
        $this->delete(self::HOUSE."/plan-edits/{$edit}")->assertSessionHasNoErrors();
        self::assertTrue(Slot::withTrashed()->where('key', 'wall-lamp')->firstOrFail()->trashed());
        $this->put(self::HOUSE."/plan-edits/{$edit}")->assertSessionHasNoErrors();
        self::assertFalse(Slot::withTrashed()->where('key', 'wall-lamp')->firstOrFail()->trashed());

        $node = $this->slot('freezer')->node_id;
        DB::table('slots')->where('key', 'freezer')->update(['node_id' => null]);
        DB::table('slots')->where('key', 'wall-lamp')->update(['node_id' => $node]);
        $this->delete(self::HOUSE."/plan-edits/{$edit}")->assertSessionHasErrors([
            'plan' => 'The wall lamp has a device by now. Take the device away first, so that nothing is left on the network unnoticed.',
        ]);
    }

    public function test_a_device_whose_room_is_gone_does_not_come_back_into_nowhere(): void
    {
        $this->room('hall 2 x 3.6');
        $profile = DB::table('profiles')->where('company_id', $this->cottage()->company_id)->value('key');
        $this->post(self::COTTAGE.'/slots', [
            'place' => 'wall', 'what' => 'lamp', 'room' => 'hall', 'profile' => $profile, 'x' => '1', 'y' => '1', 'height' => '1.6',
            'mounting' => 'surface', 'feed' => '', 'note' => '',
        ])->assertSessionHasNoErrors();
        $this->delete(self::COTTAGE.'/slots/wall-lamp')->assertSessionHasNoErrors();
        $this->edit(['edit' => 'remove-room', 'room' => 'hall'])->assertSessionHasNoErrors();

        $this->put(self::COTTAGE.'/slots/wall-lamp/removal')->assertSessionHasErrors('slot');
        self::assertSame(
            1,
            Room::withTrashed()->where('site_job_id', $this->cottage()->id)->count(),
            'what a device was planned in is kept',
        );
    }

    public function test_what_was_changed_elsewhere_is_not_taken_back(): void
    {
        $this->room('kitchen 4.2 x 3.6');
        Wall::query()->where('site_job_id', $this->cottage()->id)->update(['height' => 9]);
        $this->cottage()->touchPlan();

        $this->delete(self::COTTAGE."/plan-edits/{$this->lastEdit()}")->assertSessionHasErrors('plan');
        self::assertCount(1, $this->plan()->rooms);
    }

    public function test_rooms_come_in_from_a_table_as_one_edit(): void
    {
        $table = UploadedFile::fake()->createWithContent(
            'rooms.csv',
            "room;width;depth;height\r\n\"kitchen; old\";4,2;3,6;2,4\r\nhall;2;3,6;\r\n",
        );
        $this->post(self::COTTAGE.'/room-tables', ['storey' => 'ground', 'table' => $table])->assertSessionHasNoErrors();
        self::assertSame(['Kitchen; old', 'Hall'], array_column($this->plan()->rooms, 'name'));
        $this->delete(self::COTTAGE."/plan-edits/{$this->lastEdit()}");
        self::assertSame([], $this->plan()->rooms);

        $broken = UploadedFile::fake()->createWithContent('rooms.csv', "room,width,depth\nkitchen,4.2,3.6\nhall,2,deep\n");
        $this->post(self::COTTAGE.'/room-tables', ['storey' => 'ground', 'table' => $broken])->assertSessionHasErrors('table');
        self::assertStringContainsString('row 3, depth', (string) session('errors')?->first('table'));
        self::assertSame([], $this->plan()->rooms);
    }

    public function test_a_picture_lies_under_the_plan_to_scale_and_without_what_it_told(): void
    {
        Storage::fake('local');
        $this->post(
            self::COTTAGE.'/underlays/ground',
            ['picture' => UploadedFile::fake()->image('plan.png', 1200, 900)],
        )->assertSessionHasNoErrors();
        $underlay = $this->cottage()->underlays()->firstOrFail();
        self::assertSame([1200, 900, 0.01], [$underlay->width, $underlay->height, $underlay->metres_per_pixel]);
        $this->get(self::COTTAGE.'/underlays/ground')->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get(self::COTTAGE.'/survey?lens=rooms')->assertSee('/underlays/ground?v=');

        // 2 m in the picture are 3 m in the house; the first end stays where it lies.
        $this->put(self::COTTAGE.'/underlays/ground', ['path' => '1,1 3,1', 'length' => '3'])->assertSessionHasNoErrors();
        $underlay->refresh();
        self::assertEqualsWithDelta([0.015, -0.5, -0.5], [$underlay->metres_per_pixel, $underlay->x, $underlay->y], 1e-9);
        $this->put(self::COTTAGE.'/underlays/ground', ['path' => '1,1', 'length' => '3'])->assertSessionHasErrors('path');
        $this->put(self::COTTAGE.'/underlays/ground', ['x' => '2', 'y' => '-1'])->assertSessionHasNoErrors();
        self::assertSame([2.0, -1.0], [$underlay->refresh()->x, $underlay->y]);

        $this->post(self::COTTAGE.'/underlays/ground', ['picture' => UploadedFile::fake()->createWithContent('plan.png', 'no picture')])
            ->assertSessionHasErrors(['picture' => 'This is no JPEG or PNG picture that can be read.']);
        $this->delete(self::COTTAGE.'/underlays/ground')->assertSessionHasNoErrors();
        $this->get(self::COTTAGE.'/underlays/ground')->assertNotFound();
        self::assertSame([], Storage::disk('local')->allFiles('underlays'));
    }

    public function test_a_picture_tells_nothing_of_where_it_was_taken_and_is_no_bomb(): void
    {
        Storage::fake('local');
        $jpeg = (string) UploadedFile::fake()->image('plan.jpg', 300, 200)->get();
        $told = "Exif\0\0 taken at Mill Reach";
        $withPlace = substr($jpeg, 0, 2)."\xff\xe1".pack('n', strlen($told) + 2).$told.substr($jpeg, 2);
        $this->post(self::COTTAGE.'/underlays/ground', ['picture' => UploadedFile::fake()->createWithContent('plan.jpg', $withPlace)])
            ->assertSessionHasNoErrors();
        $kept = (string) Storage::disk('local')->get((string) $this->cottage()->underlays()->value('path'));
        self::assertStringNotContainsString('Mill Reach', $kept);
        self::assertSame([300, 200], array_slice((array) getimagesizefromstring($kept), 0, 2));

        // It says that it is 10,000 by 10,000 pixels.
        $bomb = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 10_000, 10_000)."\x08\x02\0\0\0".str_repeat("\0", 20);
        $this->post(self::COTTAGE.'/underlays/ground', ['picture' => UploadedFile::fake()->createWithContent('plan.png', $bomb)])
            ->assertSessionHasErrors(['picture' => 'This picture has more than 50 million pixels. Bring a smaller one.']);
        $this->as('sol');
        $this->get(self::COTTAGE.'/underlays/ground')->assertNotFound();
    }

    public function test_who_only_looks_can_not_draw(): void
    {
        $this->as('wren');
        $this->room('kitchen 4.2 x 3.6')->assertForbidden();
        $this->get(self::COTTAGE.'/survey?lens=rooms')->assertOk()->assertDontSee('Add the room')->assertDontSee('data-drag');
    }

    /** @return TestResponse<Response> */
    private function room(string $said): TestResponse
    {
        return $this->edit(['edit' => 'add-room', 'storey' => 'ground', 'on' => 'ground', 'kind' => 'room', 'measured' => $said]);
    }

    /**
     * @param  array<string, string>  $edit
     * @return TestResponse<Response>
     */
    private function edit(array $edit): TestResponse
    {
        return $this->from(self::COTTAGE.'/survey?lens=rooms')->post(self::COTTAGE.'/plan-edits', $edit);
    }

    private function cottage(): SiteJob
    {
        return SiteJob::query()->where('key', 'weir-cottage')->firstOrFail();
    }

    private function plan(string $job = 'weir-cottage'): Plan
    {
        return app(PlanStore::class)->read(SiteJob::query()->where('key', $job)->firstOrFail());
    }

    private function lastEdit(): int
    {
        return (int) $this->cottage()->planEdits()->where('is_undone', false)->max('id');
    }

    private function wallCalled(string $label): string
    {
        return (string) $this->cottage()->walls()->where('label', $label)->value('key');
    }
}
