<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gateway;
use App\Models\Slot;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The radio forecast over the plan: what would be reached, where the hub may stand, and what would help. */
final class RadioLensTest extends TestCase
{
    private const SURVEY = '/jobs/lantern-house/survey';

    private const RADIO = self::SURVEY.'?lens=radio';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_storey_is_shaded_by_what_would_be_reached_from_the_hub(): void
    {
        $page = $this->get(self::RADIO)->assertOk()
            ->assertSeeInOrder(
                ['id="shade-thin"', 'url(#shade-lost)', 'p-contour', 'thin, under 12 dB', 'straight from the hub, 1 m up'],
                false,
            )
            ->assertSee('All 41 devices would be accepted, 19 of them over relays.')
            ->assertSeeInOrder(['Places for the hub, best first', 'all accepted', 'Where it stands']);

        self::assertSame(1, preg_match('/data-grid="([^"]+)"/', (string) $page->getContent(), $found));
        $grid = json_decode(html_entity_decode($found[1] ?? ''), true);
        $hub = Gateway::query()->where('key', 'hub')->where('site_job_id', $this->siteJob()->id)->firstOrFail();
        $at = static fn (float $x, float $y): int => $grid['margins'][(int) floor(($y - $grid['y']) / $grid['step']) * $grid['columns']
            + (int) floor(($x - $grid['x']) / $grid['step'])];
        self::assertSame(max($grid['margins']), $at($hub->x, $hub->y), 'nowhere is it heard better than at the hub');
        self::assertLessThan(6, $at(1.5, 2.5), 'nor through a granite wall and a brick one');
    }

    public function test_a_touch_says_what_stands_in_the_way(): void
    {
        $this->get(self::RADIO.'&storey=ground&at='.urlencode('zigbee touch:1.50,2.50'))->assertOk()
            ->assertSee('p-touched', false)
            ->assertSeeInOrder(['Where you touched: −', 'lost', 'of free space', 'Spine wall of the hall', 'Furniture and people']);
    }

    public function test_a_hub_is_tried_elsewhere_and_nothing_is_changed_by_it(): void
    {
        $version = $this->siteJob()->plan_version;
        $this->get(self::RADIO.'&storey=ground&at='.urlencode('zigbee hub:0.60,0.60'))->assertOk()
            ->assertSee('p-trial-way', false)
            ->assertSeeInOrder([
                'The hub may stand in either place',
                'of 41 devices would not be accepted',
                'At the place you try',
                'Leave it where it is',
                'The place you try',
            ])
            ->assertSee('Move it there all the same');

        self::assertSame($version, $this->siteJob()->plan_version);
    }

    public function test_who_gains_and_who_loses_is_said_by_name(): void
    {
        // All alone: no relay carries the kitchen.
        Slot::query()->where('site_job_id', $this->siteJob()->id)
            ->whereNotIn('key', ['freezer', 'shed-plug'])->whereNull('node_id')->delete();
        DB::table('slots')->whereNotIn('key', ['freezer'])->whereNotNull('node_id')->update(['deleted_at' => now()]);
        $hub = Gateway::query()->where('key', 'hub')->where('site_job_id', $this->siteJob()->id)->firstOrFail();
        $hub->update(['x' => 14.5, 'y' => 9.5]);
        $this->siteJob()->touchPlan();

        $page = $this->get(self::RADIO.'&storey=ground&at='.urlencode('zigbee hub:0.60,6.00'))->assertOk();
        $page->assertSee('The hub is better here')->assertSeeInOrder(['Gained:', 'freezer probe, pantry'])->assertSee('Move it there');
    }

    public function test_a_hub_is_moved_and_that_is_taken_back(): void
    {
        $move = ['edit' => 'move-hub', 'hub' => 'hub', 'storey' => 'first', 'on' => 'first', 'x' => '7', 'y' => '5', 'radio' => 'zigbee'];
        $this->post('/jobs/lantern-house/plan-edits', $move)->assertRedirect(self::SURVEY.'?lens=radio&storey=first&at=zigbee');
        $hub = Gateway::query()->with('storey')->where('key', 'hub')->where('site_job_id', $this->siteJob()->id)->firstOrFail();
        self::assertSame(['first', 7.0, 5.0, 3.9], [$hub->storey->key, $hub->x, $hub->y, $hub->z]);
        self::assertTrue($this->logged('Moved Hub.'));

        $this->delete('/jobs/lantern-house/plan-edits/'.$this->siteJob()->planEdits()->max('id'))->assertSessionHasNoErrors();
        self::assertSame([11.9, 6.1, 1.2], array_values($hub->refresh()->only(['x', 'y', 'z'])));
        $this->post('/jobs/lantern-house/plan-edits', [...$move, 'x' => '60'])->assertSessionHasErrors('x');
        $this->as('wren')->post('/jobs/lantern-house/plan-edits', $move)->assertForbidden();
    }

    public function test_two_who_move_a_hub_do_not_overwrite_each_other(): void
    {
        $page = (string) $this->get(self::RADIO.'&storey=ground&at='.urlencode('zigbee hub:4.00,5.50'))->getContent();
        self::assertSame(1, preg_match('/name="seen" value="(\w+)"/', $page, $seen));
        $move = ['edit' => 'move-hub', 'hub' => 'hub', 'storey' => 'ground', 'radio' => 'zigbee', 'seen' => $seen[1] ?? ''];
        $this->as('idris')->post('/jobs/lantern-house/plan-edits', [...$move, 'x' => '10', 'y' => '8'])->assertSessionHasNoErrors();

        $this->as('mara')->post('/jobs/lantern-house/plan-edits', [...$move, 'x' => '4', 'y' => '5.5'])
            ->assertSessionHasErrors([
                'plan' => 'Somebody changed the Hub after you looked. It is shown as it is now: change it again if need be.',
            ]);
        self::assertSame(10.0, Gateway::query()->where('key', 'hub')->where('site_job_id', $this->siteJob()->id)->firstOrFail()->x);
    }

    public function test_the_fewest_relays_are_worked_out_when_asked_for_and_added_one_by_one(): void
    {
        DB::table('gateways')->where('key', 'hub')->update(['x' => 0.6, 'y' => 9.4]);
        Slot::query()->where('site_job_id', $this->siteJob()->id)->whereNull('node_id')->whereIn(
            'what',
            ['relay', 'dimmer', 'relay plug', 'lamp', 'plug'],
        )->delete();
        $this->siteJob()->touchPlan();
        $this->get(self::RADIO)->assertSee('Work out the fewest')->assertDontSee('Add it');
        $page = $this->get(self::RADIO.'&at='.urlencode('zigbee relays'))->assertOk()->assertSee('Add it');
        preg_match('/name="point" value="([^"]+)"/', (string) $page->getContent(), $point);

        $this->post('/jobs/lantern-house/relays', ['point' => $point[1] ?? '', 'protocol' => 'zigbee', 'lens' => 'radio'])
            ->assertRedirect(self::SURVEY.'?lens=radio&at=zigbee');
        self::assertTrue($this->logged('Added the socket relay plug to the plan.'));
    }

    public function test_infrared_is_seen_from_a_socket_or_from_none(): void
    {
        $this->get(self::RADIO.'&storey=ground&at=ir')->assertOk()
            ->assertSeeInOrder([
                'One blaster sees them',
                '1 of 2 devices',
                'Ceiling projector, signal room',
                'in sight',
                'Seen from no socket or shelf:',
                'wall heater',
            ])
            ->assertSee('p-ray is-free', false);
    }

    public function test_bluetooth_is_handed_on_by_the_fewest_relays(): void
    {
        $this->get(self::RADIO.'&at=bluetooth')->assertOk()
            ->assertSeeInOrder([
                'Fewest Bluetooth relays',
                'of 2 devices are reached from the',
                'hub itself, or from relays that are planned.',
                'Whoever moves the hub moves all of it.',
            ]);
    }

    #[DataProvider('words')]
    public function test_any_word_in_the_address_is_a_page(string $at): void
    {
        $this->get(self::RADIO.'&at='.urlencode($at))->assertOk();
    }

    /** @return list<array{string}> */
    public static function words(): array
    {
        return [
            ['zwave'], ['thread'], ['wifi'], ['matter'], ['rf'], ['wired'], ['nonsense'],
            ['zigbee hub:no touch:9'], ['zigbee place:nowhere'],
            ['zigbee place:hall-p1'], ['zwave hub:1,1 relays'], ['thread relays touch:999,999'], [''], ['zigbee hub:-999.5,999'],
        ];
    }

    public function test_without_a_hub_or_a_device_it_says_what_is_missing(): void
    {
        $this->get('/jobs/weir-cottage/survey?lens=radio')->assertOk()->assertSee('Plan the first device');
    }
}
