<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Credential;
use App\Models\Forecast;
use App\Models\Slot;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class SlotTest extends TestCase
{
    private const FORM = [
        'place' => 'wall', 'what' => 'lamp', 'room' => 'hall', 'profile' => 'zb-lamp', 'x' => '3.5', 'y' => '5.8', 'height' => '1.6',
        'mounting' => 'surface', 'feed' => '', 'note' => '',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_slot_opens_beside_the_plan_with_its_forecast_taken_apart(): void
    {
        $this->get('/jobs/lantern-house/survey?slot=shed-plug')->assertOk()
            ->assertSeeInOrder([
                'Bench plug', 'Proof ladder', 'Forecast to the hub: 7 dB, thin', 'of free space', 'East granite wall', 'Shed west wall',
                'Furniture and people', 'Link margin', '7.5 dB',
            ])
            ->assertSee('Its best way leads through the ceiling dimmer');
    }

    public function test_adding_a_slot_makes_a_new_version_of_the_plan_with_forecasts_of_its_own(): void
    {
        $before = Forecast::query()->where('site_job_id', $this->siteJob()->id)->count();
        $this->post('/jobs/lantern-house/slots', self::FORM)->assertRedirect('/jobs/lantern-house/survey?slot=wall-lamp');
        $slot = $this->slot('wall-lamp');

        self::assertSame([3.5, 5.8, 1.6], [$slot->x, $slot->y, $slot->z]);
        self::assertSame(2, $this->siteJob()->plan_version);
        self::assertSame(
            2 * $before + 1,
            Forecast::query()->where('site_job_id', $this->siteJob()->id)->count(),
            'the forecasts of version 1 are kept',
        );
        self::assertTrue($this->logged('Added the wall lamp to the plan.'));
    }

    public function test_moving_a_slot_changes_its_forecast(): void
    {
        $margin = fn (): ?float => $this->slot('shed-plug')->forecasts()->latest('plan_version')->firstOrFail()->margin_db;
        $before = $margin();
        $this->put('/jobs/lantern-house/slots/shed-plug', [
            ...self::FORM, 'place' => 'bench', 'what' => 'plug', 'room' => 'signal', 'profile' => 'zb-plug', 'x' => '10', 'y' => '6',
            'lock_version' => 1, 'station' => 'survey',
        ])
            ->assertRedirect('/jobs/lantern-house/survey?slot=shed-plug');

        self::assertGreaterThan($before + 20, $margin());
        self::assertSame('signal', $this->slot('shed-plug')->room->key);
    }

    public function test_forecasts_are_not_computed_anew_by_looking(): void
    {
        $ids = Forecast::query()->pluck('id')->all();
        $this->get('/jobs/lantern-house/survey');
        $this->get('/jobs/lantern-house/pair');

        self::assertSame($ids, Forecast::query()->pluck('id')->all());
    }

    public function test_a_place_in_another_room_than_the_chosen_one_is_said_and_nothing_is_moved(): void
    {
        $this->htmx('POST', '/jobs/lantern-house/slots', [...self::FORM, 'room' => 'hall', 'x' => '1.0', 'y' => '5.5'])->assertStatus(422)
            ->assertSee('x 1.0 m, y 5.5 m lies in the Pantry, and Hall was chosen. Choose that room, or another place.');

        self::assertFalse($this->siteJob()->slots()->where('key', 'wall-lamp')->exists());
    }

    public function test_a_device_in_a_wall_stays_with_the_room_it_was_chosen_for(): void
    {
        $wall = ['x' => '2.37', 'y' => '6.3'];
        $this->post('/jobs/lantern-house/slots', [...self::FORM, ...$wall, 'room' => 'hall'])->assertRedirect();
        $this->post('/jobs/lantern-house/slots', [...self::FORM, ...$wall, 'room' => 'pantry', 'what' => 'spot'])->assertRedirect();
        $margin = fn (string $slot): float => (float) $this->slot($slot)->forecasts()->latest('plan_version')->firstOrFail()->margin_db;

        self::assertSame(['hall', 'pantry'], [$this->slot('wall-lamp')->room->key, $this->slot('wall-spot')->room->key]);
        self::assertGreaterThan(
            $margin('wall-spot') + 1,
            $margin('wall-lamp'),
            'the pantry wall lies between the hub and the pantry side only',
        );
    }

    public function test_the_height_counts_from_the_floor_of_its_storey(): void
    {
        $this->post('/jobs/lantern-house/slots', [...self::FORM, 'room' => 'bunk', 'x' => '2', 'y' => '2'])->assertRedirect();

        self::assertEqualsWithDelta(2.7 + 1.6, $this->slot('wall-lamp')->z, 1e-9);
    }

    /** @param array<string, string> $change */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_said_in_words_and_nothing_is_kept(array $change, string $message): void
    {
        $this->htmx('POST', '/jobs/lantern-house/slots', [...self::FORM, ...$change])->assertStatus(422)->assertSee($message, false);

        self::assertFalse(Slot::query()->where('key', 'wall-lamp')->exists());
        self::assertSame(1, $this->siteJob()->plan_version);
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function mistakes(): array
    {
        return [
            'nothing' => [['what' => ''], 'Say what the device is'],
            'no place' => [['x' => ''], 'Give its place on the plan: x in metres.'],
            'words for numbers' => [['y' => 'left'], 'y'],
            'outside' => [['x' => '40', 'y' => '40'], 'x 40 m, y 40 m lies outside every room of that storey.'],
            'too high' => [['height' => '12'], '6 m at most'],
            'no such room' => [['room' => 'cellar'], 'There is no such room on the plan.'],
            'no such profile' => [['profile' => 'none'], 'There is no such profile in the catalogue.'],
            'no such mounting' => [['mounting' => 'glued'], 'mounting'],
        ];
    }

    public function test_two_people_editing_one_slot_get_both_values(): void
    {
        $form = [...self::FORM, 'lock_version' => 1];
        $this->put('/jobs/lantern-house/slots/freezer', [...$form, 'note' => 'behind the door'])->assertRedirect();
        $this->htmx('PUT', '/jobs/lantern-house/slots/freezer', [...$form, 'note' => 'on the shelf'])
            ->assertStatus(409)
            ->assertHeader('HX-Retarget', '#notice')
            ->assertSeeInOrder(['Theirs, saved', 'Yours', 'Note', 'behind the door', 'on the shelf'])->assertDontSee('Mounting');

        self::assertSame('behind the door', $this->slot('freezer')->note);
    }

    public function test_a_conflict_without_script_is_a_page_of_its_own(): void
    {
        $this->put('/jobs/lantern-house/slots/freezer', [...self::FORM, 'lock_version' => 7])
            ->assertStatus(409)
            ->assertSee('Changed by somebody else')
            ->assertSee('<html', false);
    }

    public function test_devices_in_one_place_become_a_stack_that_opens_as_a_list(): void
    {
        foreach (['red', 'blue'] as $colour) {
            $this->post('/jobs/lantern-house/slots', [...self::FORM, 'place' => $colour])->assertRedirect();
        }
        $this->get('/jobs/lantern-house/survey?storey=ground')
            ->assertSee('×3')
            ->assertSee('3 devices, 3 planned: Door keypad, Red lamp, Blue lamp');
        $this->get('/jobs/lantern-house/survey?stack=red-lamp+blue-lamp')
            ->assertSee('2 devices in one place')
            ->assertSee('Red lamp')
            ->assertSee('Blue lamp');
        $this->get('/jobs/lantern-house/survey?stack=ghost')->assertOk()->assertDontSee('in one place');
    }

    public function test_only_an_empty_slot_is_removed_and_its_record_stays(): void
    {
        $this->htmx('DELETE', '/jobs/lantern-house/slots/freezer')->assertStatus(422)->assertSee('Take the device away first');
        $this->delete('/jobs/lantern-house/slots/bath-leak')->assertRedirect();

        self::assertFalse($this->siteJob()->slots()->where('key', 'bath-leak')->exists());
        self::assertTrue($this->siteJob()->slots()->withTrashed()->where('key', 'bath-leak')->exists());
        $this->get('/jobs/lantern-house/survey?slot=bath-leak')->assertOk()->assertSee('The next move', false);
    }

    public function test_proofs_need_a_reason_when_they_are_none(): void
    {
        $this->post('/jobs/lantern-house/slots/freezer/proofs', ['rung' => 'hand', 'outcome' => 'passed', 'station' => 'pair'])
            ->assertRedirect('/jobs/lantern-house/pair?slot=freezer');
        $this->htmx('POST', '/jobs/lantern-house/slots/freezer/proofs', ['rung' => 'hub', 'outcome' => 'failed'])
            ->assertStatus(422)
            ->assertSee('a failed or untested rung needs its reason');
        $this->post('/jobs/lantern-house/slots/freezer/proofs', [
            'rung' => 'hub', 'outcome' => 'failed', 'reason' => 'No reading arrives.',
        ])->assertRedirect();

        $this->get('/jobs/lantern-house/survey?slot=freezer')->assertSee('fault')->assertSee('failed');
        self::assertTrue($this->logged('No reading arrives.'));
    }

    public function test_codes_are_encrypted_shown_on_purpose_and_logged(): void
    {
        $this->post('/jobs/lantern-house/slots/freezer/credentials', ['label' => 'Sticker', 'secret' => '83FE D340 7A93'])
            ->assertRedirect();
        $stored = DB::table('credentials')->where('label', 'Sticker')->value('secret');
        $credential = Credential::query()->where('label', 'Sticker')->firstOrFail();

        self::assertStringNotContainsString('83FE', $stored);
        $this->get('/jobs/lantern-house/survey?slot=freezer')->assertSee('Show: Sticker')->assertDontSee('83FE');
        $this->post("/jobs/lantern-house/slots/freezer/credentials/{$credential->id}")->assertSee('83FE D340 7A93');
        self::assertTrue($this->logged('Looked at a code of the freezer probe (Sticker).'));
        self::assertSame(0, DB::table('log_entries')->where('text', 'like', '%83FE%')->count());
    }

    public function test_a_code_of_one_slot_is_not_found_at_another(): void
    {
        $id = Credential::query()->value('id');

        $this->post("/jobs/lantern-house/slots/freezer/credentials/{$id}")->assertNotFound();
    }

    public function test_a_question_is_answered_once_for_all(): void
    {
        $this->get('/jobs/lantern-house/survey')->assertSee('Ask Pell, electrician')->assertSee('days.');
        $this->put('/jobs/lantern-house/questions/bath-heater/answer', [
            'answer' => 'Breaker 12, behind the device at the board.', 'lock_version' => 1,
        ])
            ->assertRedirect();
        $this->get('/jobs/lantern-house/survey')->assertDontSee('Ask Pell');
        self::assertTrue($this->logged('Breaker 12'));
    }

    public function test_find_knows_rooms_slots_and_nodes(): void
    {
        $this->get('/jobs/lantern-house/find?q=leak')->assertSee('Sink leak sensor, kitchen')->assertSee('Bath leak sensor, bathroom');
        $this->get('/jobs/lantern-house/find?q=bath+leak')->assertSee('Bath leak sensor')->assertDontSee('Sink leak sensor');
        $this->get('/jobs/lantern-house/find?q=CHT')->assertSee('Chart room');
        $this->get('/jobs/lantern-house/find?q=0010A')->assertSee('Freezer probe')->assertSee('node');
        $this->get('/jobs/lantern-house/find?q=unicorn')->assertSee('Nothing is called “unicorn”.');
    }

    public function test_a_removed_slot_is_put_back_as_it_was(): void
    {
        $key = 'tank';
        $this->followingRedirects()->delete("/jobs/lantern-house/slots/{$key}")->assertSee('Put it back on the plan');
        self::assertSame(0, Slot::query()->where('key', $key)->count());
        $this->put("/jobs/lantern-house/slots/{$key}/removal")->assertRedirect();

        self::assertSame(1, Slot::query()->where('key', $key)->count());
        self::assertTrue($this->logged('back on the plan'));
    }
}
