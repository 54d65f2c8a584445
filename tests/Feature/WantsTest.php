<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Slot;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What the client wants, and the devices that it takes. */
final class WantsTest extends TestCase
{
    private const FLAT = '/jobs/calico-court';

    private const LENS = self::FLAT.'/survey?lens=wants';

    private const TOUCH = ['room' => 'box', 'function' => 'leak', 'by' => 'everyone', 'from' => 'hub'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->siteJob('calico-court')->users()->attach(User::query()->where('email', 'like', 'idris@%')->sole());
    }

    public function test_the_grid_says_what_is_wanted_from_where_and_how_far_it_is_served(): void
    {
        $this->get(self::LENS)->assertOk()
            ->assertSee('Living room: dim the light, wanted from our hub, by hand, voice platform, planned')
            ->assertSee('Kitchen: see how much it draws, wanted from our hub, nothing does it yet')
            ->assertSeeInOrder(['10 of 22 served', 'Plan 11 devices', '12 wants are open', 'Plan all 11']);
        $this->get(self::LENS.'&at='.urlencode('comfort household voice'))
            ->assertSeeInOrder(['Blinds', 'Heating', 'Temperature', 'Humidity', 'Air quality', 'Somebody there']);
        $this->get('/jobs/lantern-house/survey?lens=wants')->assertSee('the device is in')->assertSee('Every want has its device');
    }

    public function test_a_touch_notes_a_want_once_and_another_takes_it_off(): void
    {
        $this->post(self::FLAT.'/wants', self::TOUCH)->assertRedirect(self::LENS.'&at='.rawurlencode('doors everyone hub'));
        $this->as('idris')->post(self::FLAT.'/wants', self::TOUCH)->assertRedirect();

        self::assertSame(1, $this->wants('leak', 'box'));
        self::assertSame(1, DB::table('log_entries')->where('text', 'like', 'Wanted in the box room: be warned of a leak%')->count());
        $this->get(self::LENS.'&at=doors')->assertSee('Box room: be warned of a leak, wanted from our hub, nothing does it yet');

        $this->delete(self::FLAT.'/wants', self::TOUCH)->assertRedirect();
        $this->as('mara')->delete(self::FLAT.'/wants', self::TOUCH)->assertRedirect();
        self::assertSame(0, $this->wants('leak', 'box'));
        $text = 'No longer wanted in the box room: be warned of a leak, from: our hub, by: everyone.';
        self::assertTrue($this->logged($text, 'calico-court'));
    }

    public function test_a_want_from_elsewhere_stands_beside_the_first(): void
    {
        $this->post(self::FLAT.'/wants', self::TOUCH);
        $this->post(self::FLAT.'/wants', [...self::TOUCH, 'from' => 'voice', 'by' => 'guests']);

        self::assertSame(2, $this->wants('leak', 'box'));
        $this->get(self::LENS.'&at='.urlencode('doors guests voice'))->assertSee('wanted from our hub, voice platform');
        $this->delete(self::FLAT.'/wants', self::TOUCH);
        self::assertSame(1, $this->wants('leak', 'box'));
    }

    public function test_what_is_no_want_is_refused(): void
    {
        $this->post(self::FLAT.'/wants', [...self::TOUCH, 'room' => 'cellar'])->assertSessionHasErrors('room');
        $this->post(self::FLAT.'/wants', [...self::TOUCH, 'function' => 'fly'])->assertSessionHasErrors('function');
        $this->as('wren')->post(self::FLAT.'/wants', self::TOUCH)->assertForbidden();
        $this->get(self::LENS)->assertOk()->assertSee('Kitchen: see how much it draws')->assertDontSee('Plan all 11');
    }

    public function test_one_suggestion_is_planned_at_its_place_and_taken_back(): void
    {
        $this->post(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug', 'at' => 'light everyone hub'])
            ->assertRedirect(self::LENS.'&at='.rawurlencode('light everyone hub'));

        $slot = Slot::query()->where('site_job_id', $this->siteJob('calico-court')->id)->where('key', 'socket-metering-plug')->sole();
        self::assertSame(['socket', 'metering plug', 'surface'], [$slot->place, $slot->what, $slot->mounting]);
        self::assertNull($slot->point_id, 'the kitchen has no socket on the plan');
        $this->get(self::LENS)->assertSee('Plan 10 devices')->assertSee('Ask what it feeds')->assertSee('Socket metering plug, kitchen');

        $edit = DB::table('plan_edits')->where('site_job_id', $this->siteJob('calico-court')->id)->max('id');
        $this->delete(self::FLAT."/plan-edits/{$edit}")->assertRedirect();
        $this->get(self::LENS)->assertSee('Plan 11 devices');
    }

    public function test_a_plug_goes_to_a_socket_of_the_plan_and_is_at_its_point(): void
    {
        $this->post(self::FLAT.'/wants', [...self::TOUCH, 'room' => 'living', 'function' => 'switch-socket']);
        $this->post(self::FLAT.'/suggested-slots', ['suggestion' => 'living room zb-plug'])->assertRedirect();

        $slot = $this->siteJob('calico-court')->slots()->where('what', 'metering plug')->with('point')->sole();
        self::assertSame([$slot->x, $slot->y, $slot->z], [$slot->point?->x, $slot->point?->y, $slot->point?->z]);
    }

    /** What was promised for a device is what is forecast once it is planned. */
    public function test_all_are_planned_in_one_step_and_each_has_the_margin_that_was_promised(): void
    {
        $page = (string) $this->get(self::LENS)->getContent();
        $this->post(self::FLAT.'/suggested-slots', ['list' => $this->mark($page)])->assertRedirect();

        $this->get(self::LENS)->assertSee('Settle what nothing serves')->assertDontSee('Plan all');
        $before = $this->siteJob('calico-court')->slots()->count();
        $titles = $this->siteJob('calico-court')->slots()->with('room')->get()->mapWithKeys(static fn (Slot $slot): array => [
            ucfirst($slot->title()).', '.mb_strtolower($slot->room->name) => $slot->id,
        ]);
        preg_match_all('~<strong>([^<]+?),\s+([^<]+)</strong>\s*<span class="end measure">(−?\d+) dB~u', $page, $told, PREG_SET_ORDER);
        self::assertGreaterThan(7, count($told));
        foreach ($told as [, $title, $room, $db]) {
            $forecast = DB::table('forecasts')->where('slot_id', $titles["{$title}, {$room}"])->orderByDesc('plan_version')->first();
            self::assertSame((int) str_replace('−', '-', $db), (int) floor((float) $forecast?->parent_margin_db), "{$title}, {$room}");
        }

        $edit = DB::table('plan_edits')->where('site_job_id', $this->siteJob('calico-court')->id)->max('id');
        $this->delete(self::FLAT."/plan-edits/{$edit}");
        self::assertSame($before - 11, $this->siteJob('calico-court')->slots()->count());
    }

    public function test_two_who_plan_the_same_plan_it_once(): void
    {
        $list = $this->mark((string) $this->get(self::LENS)->getContent());
        $this->post(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug']);

        $this->as('idris')->post(self::FLAT.'/suggested-slots', ['list' => $list])->assertSessionHasErrors('list');
        $this->post(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug'])->assertSessionHasErrors('suggestion');
        self::assertSame(1, $this->siteJob('calico-court')->slots()->where('what', 'metering plug')->count());
        $this->as('wren')->post(self::FLAT.'/suggested-slots', ['list' => $list])->assertForbidden();
    }

    public function test_what_the_client_does_without_is_left_out_until_it_is_asked_about_again(): void
    {
        $this->delete(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug'])->assertRedirect();
        $this->get(self::LENS)->assertSee('Plan 10 devices')->assertSee('2 things that are wanted are left out')
            ->assertSee('Kitchen: see how much it draws, wanted from our hub, left out');
        $this->delete(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug'])->assertSessionHasErrors('suggestion');

        $this->put(self::FLAT.'/suggested-slots', [])->assertRedirect();
        $this->get(self::LENS)->assertSee('Plan 11 devices');
    }

    public function test_what_a_plug_feeds_is_asked_and_what_follows_is_said(): void
    {
        $this->post(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug']);
        $slot = self::FLAT.'/survey?slot=socket-metering-plug';
        $this->get($slot)->assertSee('What does it feed?');
        $load = ['load_what' => 'freezer', 'load_watts' => '2500,5', 'load_stays_on' => '1', 'load_heats' => '0', 'lock_version' => '1'];

        $this->put(self::FLAT.'/slots/socket-metering-plug/load', [...$load, 'load_watts' => 'much'])->assertSessionHasErrors('load_watts');
        $this->put(self::FLAT.'/slots/socket-metering-plug/load', $load)->assertRedirect($slot);

        $this->get($slot)->assertSee('Feeds: freezer, 2501 W')->assertSee('2,501 W is more than the 2,300 W')->assertSee('It must stay on');
        $this->put(self::FLAT.'/slots/socket-metering-plug/load', [...$load, 'load_what' => 'lamp'])
            ->assertStatus(409);
        self::assertSame('freezer', $this->siteJob('calico-court')->slots()->where('key', 'socket-metering-plug')->value('load_what'));
    }

    public function test_where_a_device_usually_goes_is_told_with_what_to_look_at(): void
    {
        $this->get(self::FLAT.'/forms/spot?room=kitchen&profile=zb-climate')->assertOk()
            ->assertSee('name="height" value="1.5"', false)->assertSee('An inside wall, out of sun, draught');
        $this->get(self::FLAT.'/forms/spot?room=bed&profile=zb-contact')->assertOk()->assertSee('Magnet and contact face each other');
        $this->get(self::FLAT.'/forms/spot?room=attic&profile=zb-climate')->assertNotFound();
        $this->get(self::FLAT.'/forms/spot?room=kitchen&profile=none')->assertNotFound();
        $this->as('wren')->get(self::FLAT.'/forms/spot?room=kitchen&profile=zb-climate')->assertForbidden();
    }

    public function test_the_survey_says_what_comes_next(): void
    {
        DB::table('questions')->where('site_job_id', $this->siteJob('calico-court')->id)->delete();
        $this->siteJob('calico-court')->touchLive();
        $this->get(self::FLAT.'/survey')->assertSee('Plan 11 devices')->assertSee('See them');
        DB::table('wants')->where('site_job_id', $this->siteJob('calico-court')->id)->where('function', '<>', 'switch-socket')->delete();
        $this->siteJob('calico-court')->touchLive();
        $this->get(self::FLAT.'/survey')->assertSee('Plan one device');
        $this->post(self::FLAT.'/suggested-slots', ['suggestion' => 'kitchen room zb-plug']);
        $this->get(self::FLAT.'/survey')->assertSee('What does the socket metering plug feed?')->assertSee('Write it down');
    }

    public function test_a_room_that_is_taken_off_the_plan_takes_its_wants_with_it_until_it_is_back(): void
    {
        $this->post(self::FLAT.'/plan-edits', ['edit' => 'remove-room', 'room' => 'box', 'storey' => 'flat']);
        $this->get(self::LENS)->assertOk();
        $this->post(self::FLAT.'/wants', self::TOUCH)->assertSessionHasErrors(['room' => 'That room is no longer on the plan.']);
    }

    private function wants(string $function, string $room): int
    {
        return $this->siteJob('calico-court')->wants()->where('function', $function)
            ->whereHas('room', static fn ($query) => $query->where('key', $room))->count();
    }

    private function mark(string $page): string
    {
        self::assertMatchesRegularExpression('/name="list" value="[0-9a-f]{32}"/', $page);

        return str($page)->match('/name="list" value="([0-9a-f]{32})"/')->toString();
    }
}
