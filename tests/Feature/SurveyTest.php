<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Profile;
use App\Stations\Survey\Forecasts;
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
        $this->get($survey)->assertSee('Ask Pell, electrician')->assertSeeInOrder(['Wrong region: wall siren', 'Too near the access point: hub', 'Reports too often: wall switch']);
        $this->put('/jobs/lantern-house/questions/bath-heater', ['answer' => 'Breaker 9, behind one.']);
        foreach (['Exchange the wall siren', 'Bring the hub away from the access point', 'Let the wall switch report less often'] as $move) {
            $page = (string) $this->get($survey)->assertSee("<h2>{$move}</h2>", false)->getContent();
            preg_match('/name="slot" value="([^"]*)"><input type="hidden" name="text" value="([^"]+)"/', $page, $form);
            $this->post('/jobs/lantern-house/snags', ['slot' => $form[1] ?? '', 'text' => html_entity_decode($form[2] ?? '')])->assertRedirect();
        }

        $this->get($survey)->assertSee('<h2>Look at the ceiling relay</h2>', false)->assertSee('A snag was raised for it.');
        self::assertSame(['wall siren', null, 'wall switch'], $this->siteJob()->snags()->with('slot')->latest('id')->limit(3)->get()->reverse()->map(static fn ($snag): ?string => $snag->slot?->title())->values()->all());
    }

    public function test_a_device_of_another_region_has_no_forecast_and_says_why(): void
    {
        $forecast = $this->slot('siren')->forecasts()->firstOrFail();

        self::assertSame([null, null], [$forecast->margin_db, $forecast->breakdown]);
        $this->get('/jobs/lantern-house/survey?slot=siren')->assertSee('They never hear each other')->assertDontSee('Forecast to the hub');
    }

    public function test_a_long_range_device_goes_straight_to_the_controller(): void
    {
        $profile = Profile::query()->where('key', 'zw-contact')->firstOrFail();
        $before = $this->slot('guest-window')->forecasts()->firstOrFail()->margin_db;
        $profile->update(['data' => [...$profile->data, 'longRange' => true]]);
        app(Forecasts::class)->planChanged($this->siteJob());
        $after = $this->slot('guest-window')->forecasts()->latest('plan_version')->firstOrFail();

        self::assertNull($after->parent_key);
        self::assertEqualsWithDelta(14 - 5 + 110 - 96, $after->margin_db - $before, 0.3, 'more power, better ears, nearly the same walls');
    }
}
