<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OpeningMeasure;
use App\Models\SiteJob;
use Tests\TestCase;

/** Measure before buying: locks, blinds, and where windows look. */
final class MeasureTest extends TestCase
{
    private const HOUSE = '/jobs/lantern-house';

    private const LENS = self::HOUSE.'/survey?lens=measure';

    private const DOOR = 'store ground-w03@7.20';

    private const WINDOW = 'keeper first-w01@11.60';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_what_is_planned_and_not_measured_comes_next(): void
    {
        $this->get(self::LENS)->assertOk()
            ->assertSeeInOrder(['Store', 'Door', 'Door lock fits', 'Keeper’s room', 'to be measured'])
            ->assertSeeInOrder(['Measure window 1', 'Keeper’s room: Window blind is planned there'])
            ->assertSee('looks to 14°, by the compass at its windows');
        $this->get($this->at(self::WINDOW))
            ->assertSeeInOrder(['June', 'sun ', 'dark from', 'December', 'no sun'])
            ->assertSee('One can look in from neighbours once it is dark')
            ->assertSeeInOrder(['Window blind:', 'not measured yet', 'Depth of the reveal not measured, it needs 55 mm', 'measure'])
            ->assertSee('a loop can strangle a child');
        $this->get('/jobs/calico-court/survey?lens=measure')->assertSee('Nothing is planned to be measured for');
        $this->get('/jobs/weir-cottage/survey?lens=measure')->assertSee('Draw windows and doors first');
        $this->get($this->at('nothing'))->assertOk()->assertSee('Measure before buying');
    }

    public function test_a_window_is_measured_and_what_is_planned_is_held_against_it(): void
    {
        $measures = [
            'opening' => self::WINDOW, 'lock_version' => '1', 'kind' => 'roller', 'width_m' => '1,2', 'drop_m' => '1,3', 'depth_mm' => '60',
            'is_in_reveal' => '1', 'bearing' => '14', 'motor' => 'left',
        ];
        $this->put(self::HOUSE.'/measures', $measures)->assertRedirect($this->at(self::WINDOW));
        $this->get($this->at(self::WINDOW))->assertSee('Window blind is planned there: it fits.');
        $this->as('idris')->put(self::HOUSE.'/measures', $measures)->assertStatus(409);
        $this->as('mara')->put(self::HOUSE.'/measures', [...$measures, 'lock_version' => '2', 'width_m' => '1.9'])->assertRedirect();
        $this->get(self::LENS)->assertSeeInOrder(['Window blind does not fit', 'Width 1.9 m, it takes 1.8 m']);
        self::assertTrue($this->logged('Measured: Keeper’s room, window 1.'));
    }

    public function test_a_door_is_measured_for_its_lock(): void
    {
        $measures = [
            'opening' => self::DOOR, 'lock_version' => '1', 'thickness_mm' => '44', 'backset_mm' => '60', 'free_mm' => '72',
            'cylinder_mm' => '4', 'hinges' => 'left', 'key_inside' => '1', 'is_metal' => '1',
        ];
        $this->put(self::HOUSE.'/measures', $measures)->assertRedirect($this->at(self::DOOR));
        $this->get($this->at(self::DOOR))->assertSeeInOrder(['it does not fit', 'A key left inside blocks it from outside'])
            ->assertSee('opens without key, power and network')->assertSee('A metal door shields');
        $shed = 'shed shed-w02@1.40';
        $this->put(self::HOUSE.'/measures', ['opening' => $shed, 'lock_version' => '0', 'thickness_mm' => '44'])->assertRedirect();
        $door = OpeningMeasure::query()->where('opening', 'shed-w02@1.40')->sole()->doorMeasures();
        self::assertEqualsWithDelta(44.0, $door->thicknessMm, 1e-9);
        $this->as('idris')->put(self::HOUSE.'/measures', ['opening' => $shed, 'lock_version' => '0'])->assertStatus(409);
    }

    public function test_what_can_t_be_measured_is_refused_and_a_moved_opening_is_said(): void
    {
        $one = ['opening' => self::WINDOW, 'lock_version' => '1'];
        $wrongs = ['width_m' => 'wide', 'drop_m' => '21', 'bearing' => '361', 'kind' => 'net', 'motor' => 'up', 'seen_from' => 'space'];
        foreach ($wrongs as $field => $wrong) {
            $this->put(self::HOUSE.'/measures', [...$one, $field => $wrong])->assertSessionHasErrors($field);
        }
        $this->put(self::HOUSE.'/measures', [...$one, 'opening' => 'keeper first-w01@1.00'])->assertSessionHasErrors('opening');
        $this->as('wren')->put(self::HOUSE.'/measures', $one)->assertForbidden();

        OpeningMeasure::query()->where('opening', 'first-w01@11.60')->update(['opening' => 'first-w01@10.00', 'x' => 99]);
        $this->siteJob()->touchLive();
        $this->as('mara')->get(self::LENS)->assertSee('Measured where no opening is any more')
            ->assertDontSee('by the compass at its windows');
        $this->delete(self::HOUSE.'/measures', ['opening' => 'first-w01@10.00', 'lock_version' => '1'])->assertRedirect(self::LENS);
        $this->get(self::LENS)->assertDontSee('Measured where no opening is any more');
    }

    public function test_the_plan_is_turned_off_a_map_and_a_needle_that_is_off_is_told(): void
    {
        $this->put(self::HOUSE.'/compass', ['up' => '40,5'])->assertRedirect(self::LENS);
        $this->get(self::LENS)->assertSee('looks to 41°.')->assertSee('41°, north-east');
        $this->get($this->at(self::WINDOW))->assertSee('The compass says 14°, the plan 41°');
        $this->put(self::HOUSE.'/compass', ['up' => ''])->assertRedirect(self::LENS);
        $this->get($this->at(self::WINDOW))->assertDontSee('The compass says');
        $this->put(self::HOUSE.'/compass', ['up' => '400'])->assertSessionHasErrors('up');
    }

    public function test_measures_outlast_a_wall_that_is_cut_in_two(): void
    {
        $this->post(self::HOUSE.'/plan-edits', ['edit' => 'move-wall', 'wall' => 'ground-w12', 'by' => '0.05', 'on' => 'ground'])
            ->assertSessionHasNoErrors();
        $page = (string) $this->get(self::LENS)->assertSee('Door lock fits')->assertDontSee('Measured where no opening is any more')
            ->getContent();
        self::assertStringNotContainsString(rawurlencode('ground-w03@7.20'), $page, 'the wall is called differently now');
        preg_match('/at=(store[^"&]+)"/', $page, $found);
        $now = urldecode(html_entity_decode($found[1] ?? ''));
        $this->put(self::HOUSE.'/measures', ['opening' => $now, 'lock_version' => '1', 'thickness_mm' => '90'])->assertSessionHasNoErrors();
        self::assertSame(1, OpeningMeasure::query()->whereNotNull('door')->where('site_job_id', $this->siteJob()->id)->count());
        $this->get($this->at($now))->assertSee('Thickness of the door 90 mm, it takes 38 to 70 mm');
    }

    public function test_without_its_place_nothing_is_said_of_the_sun(): void
    {
        SiteJob::query()->where('key', 'lantern-house')->update(['latitude' => null]);
        $this->siteJob()->touchLive();
        $this->get($this->at(self::WINDOW))->assertSee('Say in the job where the house stands')->assertDontSee('dark from');
    }

    private function at(string $opening): string
    {
        return self::LENS.'&at='.rawurlencode($opening);
    }
}
