<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\MeshReading;
use App\Models\Profile;
use App\Models\RadioLink;
use App\Radio\Forecasts;
use Tests\TestCase;

/** What the survey says next: questions with a deadline, what no wall explains, then the weakest forecast. */
final class SurveyTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_the_moves_of_the_survey_follow_each_other(): void
    {
        $survey = '/jobs/lantern-house/survey';
        $this->get($survey)
            ->assertSee('Ask Pell, electrician')
            ->assertSeeInOrder(['Wrong region: wall siren', 'Too near the access point: hub', 'Reports too often: wall switch']);
        $this->put('/jobs/lantern-house/questions/bath-heater/answer', ['answer' => 'Breaker 9, behind one.', 'lock_version' => 1]);
        $this->get($survey)->assertSee('Ask Oda Brandt, designer');
        $this->put('/jobs/lantern-house/questions/keeper-blind/answer', ['answer' => 'Right.', 'lock_version' => 1]);
        foreach ([
            'Exchange the wall siren', 'Bring the hub away from the access point', 'Let the wall switch report less often',
        ] as $move) {
            $page = (string) $this->get($survey)->assertSee("<h2>{$move}</h2>", false)->getContent();
            preg_match('/name="slot" value="([^"]*)">\s*<input type="hidden" name="text" value="([^"]+)"/', $page, $form);
            $this->post('/jobs/lantern-house/snags', ['slot' => $form[1] ?? '', 'text' => html_entity_decode($form[2] ?? '')])
                ->assertRedirect();
        }

        $this->get($survey)->assertSee('<h2>Look at the ceiling relay</h2>', false)->assertSee('A snag was raised for it.');
        self::assertSame(
            ['wall siren', null, 'wall switch'],
            $this->siteJob()
                ->snags()
                ->with('slot')
                ->latest('id')
                ->limit(3)
                ->get()
                ->reverse()
                ->map(static fn ($snag): ?string => $snag->slot?->title())
                ->values()
                ->all(),
        );
    }

    public function test_a_lead_changes_the_rules_and_everything_is_judged_by_them(): void
    {
        $rules = [
            'school' => 'at-bench', 'batch' => '1', 'name_pattern' => '{what} {room} {n}', 'acceptance_db' => '16',
            'clutter_constant_db' => '5', 'clutter_db_per_metre' => '0.3', 'lock_version' => 1,
        ];
        $survey = MeshReading::query()->create([
            'site_job_id' => $this->siteJob()->id, 'gateway_id' => $this->siteJob()->gateways()->value('id'), 'protocol' => 'zigbee',
            'reference' => 'one', 'state' => 'done', 'asked_at' => now(), 'ended_at' => now(), 'accepted' => 1, 'thin' => 0, 'lost' => 10,
        ]);
        RadioLink::query()->create([
            'mesh_reading_id' => $survey->id, 'a' => 'gateway', 'b' => (string) $this->slot('freezer')->node?->address, 'margin_db' => 14,
        ]);
        $margin = fn (): float => (float) $this->slot('shed-plug')->forecasts()->latest('plan_version')->firstOrFail()->margin_db;
        $before = $margin();
        $this->put('/jobs/lantern-house/rules', $rules)->assertRedirect('/jobs/lantern-house/survey');

        self::assertEqualsWithDelta($before - 2, $margin(), 1e-9, 'furniture costs 2 dB more');
        self::assertSame(
            [0, 1, 10],
            [$survey->refresh()->accepted, $survey->thin, $survey->lost],
            '14 dB is thin where 16 dB are asked for',
        );
        self::assertTrue($this->logged('Accepted from, dB: 12 → 16; Furniture and people, dB: 3 → 5.'));
        $this->get('/jobs/lantern-house/pair')->assertSee('at the bench, then placed');
        $this->get('/jobs/lantern-house/survey')->assertSee('Sound, 16 to 20 dB')->assertSee('Thin, 6 to 16 dB');
        $this->get('/jobs/lantern-house/mesh')->assertSee('thin, under 16 dB');
        $this->get('/jobs/lantern-house/name?next=freezer')->assertSee('value="probe Pantry"', false);
        $this->put('/jobs/lantern-house/rules', [...$rules, 'acceptance_db' => '20'])
            ->assertStatus(409)
            ->assertSeeInOrder(['Accepted from, dB', '16', '20']);
    }

    public function test_rules_that_make_no_sense_are_refused_in_words(): void
    {
        $rules = [
            'school' => 'in-place', 'batch' => '1', 'name_pattern' => '{room}', 'acceptance_db' => '3', 'clutter_constant_db' => '-1',
            'clutter_db_per_metre' => '9', 'lock_version' => 1,
        ];
        $this->htmx('PUT', '/jobs/lantern-house/rules', $rules)
            ->assertStatus(422)
            ->assertSee('a pattern with {what} in it')
            ->assertSee('below 6 dB it is lost');

        self::assertSame(12.0, $this->siteJob()->acceptance_db);
    }

    public function test_a_device_of_another_region_has_no_forecast_and_says_why(): void
    {
        $forecast = $this->slot('siren')->forecasts()->firstOrFail();

        self::assertSame([null, null], [$forecast->margin_db, $forecast->breakdown]);
        $this->get('/jobs/lantern-house/survey?slot=siren')
            ->assertSee('They never hear each other')
            ->assertDontSee('Forecast to the hub');
    }

    public function test_a_long_range_device_goes_straight_to_the_controller(): void
    {
        $profile = Profile::query()->where('key', 'zw-contact')->firstOrFail();
        $before = $this->slot('guest-window')->forecasts()->firstOrFail()->margin_db;
        $profile->update(['data' => [...$profile->data, 'longRange' => true]]);
        app(Forecasts::class)->planChanged($this->siteJob());
        $after = $this->slot('guest-window')->forecasts()->latest('plan_version')->firstOrFail();

        self::assertNull($after->parent_key);
        self::assertEqualsWithDelta(
            14 - 5 + 110 - 96,
            $after->margin_db - $before,
            0.3,
            'more power, better ears, nearly the same walls',
        );
    }

    public function test_the_tap_is_not_clear_while_findings_are_open(): void
    {
        $this->siteJob()->questions()->update(['answered_at' => now(), 'answer' => 'yes']);
        $page = (string) $this->get('/jobs/lantern-house/survey')->assertSee('findings')->getContent();
        preg_match('/<li class="tap ([^"]*)">/', $page, $tap);

        self::assertSame('', trim($tap[1] ?? 'no tap'));
    }
}
