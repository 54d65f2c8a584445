<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ReliabilityTest extends TestCase
{
    private const ONCE = '01JKAVVEL0ONCE0000000000001';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_repeated_request_is_stored_once_and_answered_alike(): void
    {
        $note = ['text' => 'Cleaned the contacts.', '_once' => self::ONCE];
        $first = $this->post('/jobs/lantern-house/logbook', $note);
        $second = $this->post('/jobs/lantern-house/logbook', $note);

        self::assertSame($first->headers->get('Location'), $second->headers->get('Location'));
        self::assertSame(1, $this->siteJob()->logEntries()->where('text', 'Cleaned the contacts.')->count());
    }

    public function test_the_same_key_with_other_values_is_refused(): void
    {
        $this->post('/jobs/lantern-house/logbook', ['text' => 'One.', '_once' => self::ONCE])->assertRedirect();
        $this->post('/jobs/lantern-house/logbook', ['text' => 'Two.', '_once' => self::ONCE])
            ->assertStatus(422)
            ->assertSee('already sent with other values');

        self::assertFalse($this->logged('Two.'));
    }

    public function test_a_refused_request_can_be_sent_again_with_its_key(): void
    {
        $this->htmx('POST', '/jobs/lantern-house/logbook', ['text' => '', '_once' => self::ONCE])->assertStatus(422);
        $this->post('/jobs/lantern-house/logbook', ['text' => 'Now with words.', '_once' => self::ONCE])->assertRedirect();

        self::assertTrue($this->logged('Now with words.'));
    }

    public function test_a_refused_form_of_a_page_without_script_can_be_sent_again_too(): void
    {
        $this->from('/jobs/lantern-house/survey')->post('/jobs/lantern-house/logbook', ['text' => '', '_once' => self::ONCE])
            ->assertRedirect('/jobs/lantern-house/survey')
            ->assertSessionHasErrors('text');
        self::assertSame(0, DB::table('idempotency_keys')->count());
        $this->post('/jobs/lantern-house/logbook', ['text' => 'Now with words.', '_once' => self::ONCE])->assertRedirect();

        self::assertTrue($this->logged('Now with words.'));
    }

    public function test_the_twin_of_a_file_is_told_by_its_content(): void
    {
        $file = static fn (string $content) => UploadedFile::fake()->createWithContent('job.json', $content);
        $house = (string) json_encode(['again' => 1] + json_decode(
            (string) file_get_contents(database_path('demo/hollin-barn.json')),
            true,
        ));
        $send = fn (string $content) => $this->post('/job-files', ['file' => $file($content), 'again' => 1, '_once' => self::ONCE]);
        $first = $send($house)->assertRedirect();
        self::assertSame($first->headers->get('Location'), $send($house)->headers->get('Location'));
        self::assertSame(2, SiteJob::query()->where('name', 'Hollin Barn')->count());
        $send(str_replace('Hollin', 'Hollow', $house))->assertStatus(422)->assertSee('already sent with other values');

        self::assertSame(0, SiteJob::query()->where('name', 'Hollow Barn')->count());
    }

    public function test_two_answers_to_one_question_meet(): void
    {
        $answer = fn (string $text) => $this->htmx('PUT', '/jobs/lantern-house/questions/bath-heater/answer', [
            'answer' => $text, 'lock_version' => 1,
        ]);
        $answer('Breaker 9.')->assertOk();
        $answer('Breaker 12.')->assertStatus(409)->assertSee('Breaker 9.')->assertSee('Breaker 12.');
    }

    public function test_a_conflict_frees_the_key_too(): void
    {
        $snag = $this->siteJob()->snags()->firstOrFail();
        $this->htmx('PUT', "/jobs/lantern-house/snags/{$snag->key}", ['lock_version' => 9, '_once' => self::ONCE])->assertStatus(409);

        self::assertSame(0, DB::table('idempotency_keys')->count());
    }

    public function test_keys_of_two_people_do_not_meet(): void
    {
        $this->post('/jobs/lantern-house/logbook', ['text' => 'From Mara.', '_once' => self::ONCE]);
        $this->as('idris')->post('/jobs/lantern-house/logbook', ['text' => 'From Idris.', '_once' => self::ONCE])->assertRedirect();

        self::assertTrue($this->logged('From Mara.'));
        self::assertTrue($this->logged('From Idris.'));
    }

    public function test_every_form_of_the_bench_carries_a_key_and_a_token(): void
    {
        $html = (string) $this->get('/jobs/lantern-house/survey?slot=front-lock')->getContent();
        preg_match_all('/<form[^>]*method="post".*?<\/form>/s', $html, $forms);

        self::assertGreaterThan(5, count($forms[0]));
        foreach ($forms[0] as $form) {
            self::assertStringContainsString('name="_once"', $form);
            self::assertStringContainsString('name="_token"', $form);
        }
    }

    public function test_the_logbook_can_only_grow(): void
    {
        foreach (['update log_entries set text = \'nothing happened\'', 'delete from log_entries'] as $statement) {
            try {
                DB::statement($statement);
                self::fail("The database took: {$statement}");
            } catch (QueryException $refused) {
                self::assertStringContainsString('The logbook is append-only.', $refused->getMessage());
            }
        }
    }

    public function test_a_poll_that_is_up_to_date_gets_nothing(): void
    {
        $version = $this->siteJob()->live_version;
        $this->get("/jobs/lantern-house/pair?since={$version}")->assertNoContent();
        $this->post('/jobs/lantern-house/logbook', ['text' => 'News.']);
        $this->get("/jobs/lantern-house/pair?since={$version}")->assertOk();
    }

    #[DataProvider('pages')]
    public function test_a_page_is_the_same_by_its_own_address_and_as_a_fragment(string $page): void
    {
        $whole = (string) $this->get($page)->assertOk()->assertHeader('Vary')->getContent();
        $fragment = (string) $this->htmx('GET', $page)->assertOk()->getContent();
        $plain = static fn (string $html): string => (string) preg_replace(['/name="_once" value="[^"]*"/', '/\s+/'], ['', ' '], $html);

        self::assertStringContainsString('<html', $whole);
        self::assertStringNotContainsString('<html', $fragment);
        self::assertStringContainsString($plain(trim($fragment)), $plain($whole));
    }

    #[DataProvider('pages')]
    public function test_a_page_asks_the_database_little_and_weighs_little(string $page): void
    {
        $this->get($page);
        DB::enableQueryLog();
        $html = (string) $this->get($page)->getContent();
        $queries = array_column(DB::getQueryLog(), 'query');

        self::assertLessThanOrEqual(12, count($queries), implode("\n", $queries));
        self::assertLessThan(250_000, strlen($html));
    }

    /** @return array<string, array{string}> */
    public static function pages(): array
    {
        $pages = [];
        foreach (['survey', 'survey?slot=front-lock', 'pair', 'pair?slot=hall-relay', 'name', 'mesh', 'hand-over'] as $page) {
            $pages[$page] = ["/jobs/lantern-house/{$page}"];
        }

        return $pages;
    }

    public function test_without_script_a_mistake_is_said_on_the_page_itself(): void
    {
        $this->from('/jobs/lantern-house/survey')
            ->followingRedirects()
            ->post('/jobs/lantern-house/slots', ['what' => ''])
            ->assertSee('Say what the device is')
            ->assertSee('Ask Pell, electrician');
    }

    public function test_a_drawer_is_also_a_page_by_its_own_address(): void
    {
        foreach (['logbook' => 'Logbook', 'snags' => 'Snags', 'find' => 'Find'] as $path => $title) {
            $this->get("/jobs/lantern-house/{$path}")
                ->assertOk()
                ->assertSee('<html', false)
                ->assertSee("{$title} · Kavvel")
                ->assertSee('Back to Lantern House');
            $this->htmx('GET', "/jobs/lantern-house/{$path}")
                ->assertOk()
                ->assertDontSee('<html', false)
                ->assertSee('role="dialog"', false);
        }
    }

    public function test_the_number_of_queries_does_not_grow_with_the_number_of_slots(): void
    {
        $count = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/jobs/lantern-house/pair')->assertOk();

            return count(DB::getQueryLog());
        };
        $count();
        $before = $count();
        $slot = $this->slot('bath-leak');
        for ($i = 0; $i < 20; $i++) {
            Slot::query()->create([
                ...$slot->only(['site_job_id', 'room_id', 'profile_id', 'place', 'what', 'x', 'y', 'z', 'mounting']),
                'key' => "copy-{$i}",
            ]);
        }

        self::assertSame($before, $count());
    }

    public function test_the_plan_is_also_a_file(): void
    {
        $svg = (string) $this
            ->get('/jobs/lantern-house/plan/ground.svg')
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml')
            ->getContent();

        self::assertNotFalse(simplexml_load_string($svg));
        self::assertStringContainsString('Chart room', $svg);
        $this->get('/jobs/lantern-house/plan/attic.svg')->assertNotFound();
    }
}
