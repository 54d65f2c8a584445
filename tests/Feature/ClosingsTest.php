<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Closing;
use App\Models\PointStep;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** What closes when, and what has to be done behind it before. */
final class ClosingsTest extends TestCase
{
    private const HOUSE = '/jobs/lantern-house';

    private const LENS = self::HOUSE.'/survey?lens=closings';

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->as('mara');
    }

    public function test_what_closes_next_stands_first_with_what_is_left_to_do(): void
    {
        $this->get(self::LENS)->assertOk()
            ->assertSeeInOrder(['Tiles, bathroom', 'tiler', '0 of 1 ready', 'next: photographed'])
            ->assertSeeInOrder(['Plaster, upper floor', '1 of 4 ready', 'next: labelled at both ends', 'check it again', 'ready'])
            ->assertSeeInOrder(['Screed, signal room', 'closed'])
            ->assertSee('No cable ends in the guest room')
            ->assertSeeInOrder(['One point before', 'Tiles, bathroom', 'Open 1-BTH-01'])
            ->assertSeeInOrder(['Counts to settle', 'Speaker: the plan lacks 1']);
        $this->get('/jobs/calico-court/survey?lens=closings')->assertSee('Ask what closes when');
    }

    public function test_a_point_goes_step_by_step_and_its_photograph_is_written_anew(): void
    {
        $at = self::LENS.'&at='.rawurlencode('point bath-p1');
        $this->get($at)->assertSee('1-BTH-01')->assertSee('Photographed');
        $step = ['point' => 'bath-p1', 'step' => 'photographed'];
        $this->post(self::HOUSE.'/point-steps', $step)->assertSessionHasErrors('picture');
        $this->post(self::HOUSE.'/point-steps', [...$step, 'picture' => UploadedFile::fake()->createWithContent('a.jpg', 'no picture')])
            ->assertSessionHasErrors('picture');
        $this->post(self::HOUSE.'/point-steps', [...$step, 'picture' => UploadedFile::fake()->image('a.png', 60, 40)])->assertRedirect($at);

        $done = PointStep::query()->where('point', 'bath-p1')->where('step', 'photographed')->sole();
        self::assertStringEndsWith('.jpg', (string) $done->picture);
        Storage::disk('local')->assertExists((string) $done->picture);
        $this->get(self::HOUSE."/point-steps/{$done->id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->as('wren')->get(self::HOUSE."/point-steps/{$done->id}")->assertOk();
        $checked = ['point' => 'bath-p1', 'step' => 'checked', 'picture' => UploadedFile::fake()->image('b.jpg', 60, 40)];
        $this->as('mara')->post(self::HOUSE.'/point-steps', $checked)->assertRedirect($at);
        self::assertNotNull(PointStep::query()->where('point', 'bath-p1')->where('step', 'checked')->sole()->picture);
        $this->post(self::HOUSE.'/point-steps', ['point' => 'bath-p1', 'step' => 'checked'])->assertRedirect($at);
        self::assertNotNull(PointStep::query()->where('point', 'bath-p1')->where('step', 'checked')->sole()->picture, 'it stays');
        $this->get(self::LENS)->assertSee('All behind it is in, labelled, photographed and checked.');

        $this->delete(self::HOUSE.'/point-steps', $step)->assertRedirect($at);
        Storage::disk('local')->assertMissing((string) $done->picture);
        $this->get($at)->assertSee('before it closes');
        $this->get(self::HOUSE."/point-steps/{$done->id}")->assertNotFound();
    }

    public function test_a_check_is_stale_once_another_trade_has_worked_there(): void
    {
        $this->get(self::LENS)->assertSeeInOrder(['1-KEE-04', 'ready']);
        $this->travel(1)->minutes();
        $this->post(self::HOUSE.'/site-work', ['room' => 'keeper', 'trade' => 'plumber'])->assertRedirect(self::LENS);

        self::assertTrue($this->logged('Plumber worked in the keeper’s room.'));
        $this->get(self::LENS.'&at='.rawurlencode('point keeper-d1'))->assertSee('Another trade worked in the room after it was checked');
        $this->travel(1)->minutes();
        $this->post(self::HOUSE.'/point-steps', ['point' => 'keeper-d1', 'step' => 'checked']);
        $this->get(self::LENS.'&at='.rawurlencode('point keeper-d1'))->assertDontSee('Another trade worked');
        $this->post(self::HOUSE.'/site-work', ['room' => 'cellar', 'trade' => 'x'])->assertSessionHasErrors('room');
    }

    public function test_nothing_is_closed_over_a_point_that_is_not_ready(): void
    {
        $this->post(self::HOUSE.'/closings/tiles-bath/closed')
            ->assertSessionHasErrors(['closing' => 'Tiles, bathroom can’t be closed: one point behind it is not ready. '
                .'Do what is left, or take the cable off the point.']);
        PointStep::query()->where('point', 'bath-p1')->delete();
        foreach (['pulled', 'labelled', 'photographed', 'checked'] as $step) {
            DB::table('point_steps')->insert([
                'company_id' => $this->siteJob()->company_id, 'site_job_id' => $this->siteJob()->id, 'point' => 'bath-p1', 'step' => $step,
                'by' => 'Mara', 'at' => now(),
            ]);
        }
        $this->siteJob()->touchLive();
        $this->get(self::LENS)->assertSee('Tiles, bathroom may close');
        $this->get(self::LENS.'&at='.rawurlencode('point bath-p1'))->assertSee('What is left comes once Tiles, bathroom is closed.')
            ->assertSee('Look at Tiles, bathroom');
        $this->post(self::HOUSE.'/closings/tiles-bath/closed')->assertSessionHasNoErrors();
        self::assertNotNull($this->closing('tiles-bath')->closed_at);
        $this->get(self::LENS)->assertSeeInOrder(['3 points before', 'Plaster, upper floor']);
        $this->get(self::LENS.'&at='.rawurlencode('point bath-p1'))->assertDontSee('Look at Tiles, bathroom');
    }

    public function test_what_was_called_closed_can_be_open_after_all_and_a_closing_can_be_taken_off(): void
    {
        $screed = self::LENS.'&at='.rawurlencode('closing screed-ground');
        $this->get($screed)->assertSee('Screed, signal room is closed')->assertSee('It is open after all')
            ->assertSee('0 of 2 points have their photograph here.');
        $this->as('wren')->get($screed)->assertDontSee('It is open after all');
        $this->delete(self::HOUSE.'/closings/screed-ground/closed')->assertForbidden();
        $this->as('mara')->delete(self::HOUSE.'/closings/screed-ground/closed')->assertRedirect($screed);
        self::assertNull($this->closing('screed-ground')->closed_at);
        $this->get($screed)->assertSee('Screed, signal room may close');

        $steps = PointStep::query()->count();
        $this->delete(self::HOUSE.'/closings/screed-ground')->assertRedirect(self::LENS);
        $this->get(self::LENS)->assertDontSee('Screed, signal room');
        self::assertSame($steps, PointStep::query()->count(), 'what was done stays');
        $this->post(self::HOUSE.'/closings/screed-ground/closed')->assertNotFound();
    }

    public function test_a_closing_is_noted_and_moved_by_one_at_a_time(): void
    {
        $room = $this->siteJob()->rooms()->where('key', 'store')->firstOrFail();
        $values = [
            'closing' => 'Plaster, store', 'trade' => 'plasterer', 'closes_on' => now()->addDays(2)->toDateString(), 'lead_days' => '5',
            'fitting_days' => '1', "room_{$room->id}" => '1',
        ];
        $this->post(self::HOUSE.'/closings', $values)->assertRedirect(self::LENS);
        $closing = Closing::query()->where('name', 'Plaster, store')->sole();
        self::assertSame(['store'], $closing->rooms);
        $this->get(self::LENS.'&at='.rawurlencode("closing {$closing->key}"))->assertSee('was to be ordered by')
            ->assertSee('Questions about it by');

        $change = [...$values, 'closes_on' => now()->addDays(9)->toDateString(), 'lock_version' => '1'];
        $this->put(self::HOUSE."/closings/{$closing->key}", $change)->assertRedirect();
        $this->as('idris')->put(self::HOUSE."/closings/{$closing->key}", $change)->assertStatus(409);
        $this->post(self::HOUSE.'/closings', [...$values, 'closes_on' => 'soon'])->assertSessionHasErrors('closes_on');
        $this->as('wren')->post(self::HOUSE.'/closings', $values)->assertForbidden();
    }

    public function test_counts_are_settled_when_they_are_the_same(): void
    {
        $this->put(self::HOUSE.'/site-work', ['purpose' => 'Speaker', 'count' => '1'])->assertRedirect(self::LENS);
        $this->get(self::LENS)->assertDontSee('Speaker: the plan lacks');
        $this->put(self::HOUSE.'/site-work', ['purpose' => 'spare', 'count' => '3']);
        $this->get(self::LENS)->assertSee('Spare: the plan lacks 2');
        $this->put(self::HOUSE.'/site-work', ['purpose' => 'spare', 'count' => '']);
        $this->get(self::LENS)->assertDontSee('Spare: the plan lacks');
        $this->put(self::HOUSE.'/site-work', ['purpose' => 'spare', 'count' => 'many'])->assertSessionHasErrors('count');
    }

    public function test_steps_of_what_is_no_point_are_refused(): void
    {
        $this->post(self::HOUSE.'/point-steps', ['point' => 'kitchen-p1', 'step' => 'pulled'])->assertSessionHasErrors('point');
        $this->post(self::HOUSE.'/point-steps', ['point' => 'bath-p1', 'step' => 'danced'])->assertSessionHasErrors('step');
        $this->as('wren')->post(self::HOUSE.'/point-steps', ['point' => 'bath-p1', 'step' => 'checked'])->assertForbidden();
    }

    private function closing(string $key): Closing
    {
        return Closing::query()->where('site_job_id', $this->siteJob()->id)->where('key', $key)->sole();
    }
}
