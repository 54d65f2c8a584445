<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class AnswerAtOnceTest extends TestCase
{
    private const NOTE = '/jobs/lantern-house/logbook';

    private const QUESTION = '/jobs/lantern-house/questions/bath-heater/answer';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_form_sent_by_script_is_answered_with_the_page_it_leads_to(): void
    {
        $this->htmx('POST', self::NOTE, ['text' => 'Cleaned the contacts.'])->assertOk()
            ->assertSee('Cleaned the contacts.')->assertSee('role="dialog"', false)->assertSee('Saved ')
            ->assertHeaderMissing('Location')->assertHeaderMissing('HX-Push-Url');
    }

    public function test_without_script_it_is_led_there(): void
    {
        $this->post(self::NOTE, ['text' => 'Cleaned the contacts.'])->assertStatus(303)->assertRedirect(self::NOTE);
    }

    public function test_a_boosted_form_says_where_its_page_stands(): void
    {
        $this->boosted('PUT', self::QUESTION, ['answer' => 'Breaker 12.', 'lock_version' => 1])->assertOk()
            ->assertHeader('HX-Push-Url', '/jobs/lantern-house/survey')->assertSee('id="bench"', false);
    }

    public function test_the_confirmation_is_seen_once(): void
    {
        $this->boosted('PUT', self::QUESTION, ['answer' => 'Breaker 12.', 'lock_version' => 1])->assertSee('Saved ');
        $this->get('/jobs/lantern-house/survey')->assertDontSee('Saved ');
    }

    public function test_a_refused_form_is_refused(): void
    {
        $this->htmx('POST', self::NOTE, ['text' => ''])->assertStatus(422)->assertSee('Write what happened');
    }

    public function test_twins_get_the_same_page(): void
    {
        $note = ['text' => 'Once only.', '_once' => '01JAAAAAAAAAAAAAAAAAAAAAAA'];
        $this->htmx('POST', self::NOTE, $note)->assertOk()->assertSee('Once only.');
        $this->htmx('POST', self::NOTE, $note)->assertOk()->assertSee('Once only.');

        self::assertSame(1, $this->siteJob()->logEntries()->where('text', 'Once only.')->count());
    }

    public function test_who_signs_out_is_led_away(): void
    {
        $this->htmx('POST', '/sign-out')->assertRedirect('/sign-in');
    }

    public function test_a_page_that_is_gone_by_then_is_a_page_that_is_not_there(): void
    {
        $job = $this->siteJob('hollin-barn');
        $job->users()->sync([$this->user('idris')->id]);
        $this->as('idris');
        DB::connection()->beforeExecuting(static function (string $query) use ($job): void {
            if (str_starts_with($query, 'insert into `log_entries`')) {
                $job->users()->detach();
            }
        });

        $this->htmx('POST', '/jobs/hollin-barn/logbook', ['text' => 'My last note.'])->assertNotFound();
        self::assertTrue($job->logEntries()->where('text', 'My last note.')->exists());
    }

    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<Response>
     */
    private function boosted(string $method, string $url, array $data): TestResponse
    {
        return $this->call($method, $url, $data, server: ['HTTP_HX-Request' => 'true', 'HTTP_HX-Boosted' => 'true']);
    }
}
