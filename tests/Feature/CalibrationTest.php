<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\Models\RadioLink;
use App\Radio\HouseCalibration;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;
use Tests\WithStandin;

/** The plan against what was measured, and what the plan does not show. */
final class CalibrationTest extends TestCase
{
    use WithStandin;

    private const HOUSE = '/jobs/lantern-house/mesh?show=house';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_the_readings_of_three_radios_find_the_clutter_and_the_foil_that_nobody_told_of(): void
    {
        $this->get(self::HOUSE)->assertSee('Too few links to judge the house')->assertDontSee('Let forecasts go by it');
        $this->readAll();
        $house = HouseCalibration::of(JobSheet::of($this->siteJob()));

        self::assertGreaterThan(30, $house->fit->links);
        self::assertLessThan(2.0, $house->fit->rmseDb, 'the house scatters by little more than a decibel');
        self::assertLessThan($house->fit->rmseBeforeDb, $house->fit->rmseDb);
        self::assertContains('door in pantry wall', array_map(static fn ($one): string => $one->label, $house->likely()));
        $this->get(self::HOUSE)->assertSeeInOrder([
            'Let the forecasts go by this house', 'Let forecasts go by it', 'What the plan does not show', 'Look first at:',
            'ceiling relay',
            'dB worse', 'Hub – freezer probe', 'not heard', 'Every link, forecast and measured',
        ])->assertSee('is-hidden', false);
    }

    public function test_a_lead_lets_the_forecasts_go_by_it(): void
    {
        $this->readAll();
        $fit = HouseCalibration::of(JobSheet::of($this->siteJob()))->fit;
        $before = $this->siteJob();
        $this->accept($fit->clutter->constantDb, $fit->clutter->dbPerMetre)->assertRedirect(self::HOUSE);
        $job = $this->siteJob();

        self::assertSame(round($fit->clutter->constantDb, 2), $job->clutter_constant_db);
        self::assertSame(round($fit->clutter->dbPerMetre, 2), $job->clutter_db_per_metre);
        self::assertGreaterThan($before->plan_version, $job->plan_version);
        self::assertTrue($this->logged("Calibrated to the house by {$fit->links} links"));
        $this->get(self::HOUSE)->assertSee('The forecasts go by this house')->assertDontSee('Let forecasts go by it')
            ->assertSee('Back to the mesh');
    }

    public function test_what_was_read_in_the_meantime_is_looked_at_first(): void
    {
        $this->readAll();
        $fit = HouseCalibration::of(JobSheet::of($this->siteJob()))->fit;
        RadioLink::query()->update(['margin_db' => 20, 'margin_back_db' => 20]);
        $this->accept($fit->clutter->constantDb, $fit->clutter->dbPerMetre)->assertSessionHasErrors('calibration');
        $this->accept(99, 1)->assertSessionHasErrors('calibration');
        $this->post('/jobs/lantern-house/calibration', ['constant' => 'much'])->assertSessionHasErrors(['constant', 'slope']);

        self::assertSame(3.0, $this->siteJob()->clutter_constant_db);
    }

    public function test_too_few_links_are_refused_and_only_a_lead_decides(): void
    {
        $this->accept(3, 0.3)->assertSessionHasErrors('calibration');
        $this->readAll();
        $this->as('idris');
        $this->get(self::HOUSE)->assertSee('A lead lets the forecasts of this job go by it.')->assertDontSee('Let forecasts go by it');
        $this->accept(3, 0.3)->assertForbidden();
    }

    public function test_a_reading_that_is_older_than_its_devices_does_not_count(): void
    {
        $this->readAll();
        $links = HouseCalibration::of(JobSheet::of($this->siteJob()))->fit->links;
        $this->pairHallRelay();

        self::assertLessThan($links - 20, HouseCalibration::of(JobSheet::of($this->siteJob()))->fit->links, 'no Zigbee any more');
    }

    public function test_what_stands_at_the_bench_says_nothing_of_the_house(): void
    {
        $this->readAll();
        $links = HouseCalibration::of(JobSheet::of($this->siteJob()))->fit->links;
        $this->siteJob()->update(['school' => 'at-bench']);
        $this->siteJob()->slots()->update(['placed_at' => now()->subDay()]);
        $this->slot('signal-plug')->update(['placed_at' => null]);
        $this->siteJob()->meshReadings()->update(['members' => null]);

        self::assertLessThan($links - 5, HouseCalibration::of(JobSheet::of($this->siteJob()))->fit->links);
    }

    public function test_the_mesh_leads_there(): void
    {
        $this->readAll();

        $this->get('/jobs/lantern-house/mesh')->assertSee('Plan against measured')->assertSee('show=house');
        $this->get('/jobs/calico-court/mesh?show=house')->assertSee('Too few links to judge the house');
        $this->get('/jobs/weir-cottage/mesh?show=house')->assertOk();
    }

    private function readAll(): void
    {
        foreach ([Protocol::Zigbee, Protocol::ZWave, Protocol::Thread] as $protocol) {
            $this->post('/jobs/lantern-house/mesh-readings', ['protocol' => $protocol->value])->assertSessionHasNoErrors();
            $this->pass(10);
        }
    }

    /** @return TestResponse<Response> */
    private function accept(float $constant, float $slope): TestResponse
    {
        return $this->post('/jobs/lantern-house/calibration', [
            'constant' => round($constant, 2), 'slope' => round($slope, 2), 'lock_version' => $this->siteJob()->lock_version,
        ]);
    }
}
