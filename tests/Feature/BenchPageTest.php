<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Profile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class BenchPageTest extends TestCase
{
    private const PAGE = '/jobs/lantern-house/survey?storey=ground';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_page_of_an_unchanged_job_is_made_once(): void
    {
        $first = $this->queries(fn () => $this->get(self::PAGE)->assertOk());
        $second = $this->queries(fn () => $this->get(self::PAGE)->assertOk());

        self::assertLessThan($first / 2, $second);
    }

    public function test_a_kept_page_has_keys_of_its_own_for_its_forms(): void
    {
        $keys = fn (): array => $this->found('/name="_once" value="(\w+)"/', $this->get(self::PAGE));
        $first = $keys();
        $second = $keys();

        self::assertNotEmpty($first);
        self::assertSame(count($first), count($second));
        self::assertSame([], array_intersect($first, $second));
        self::assertSame($second, array_unique($second));
    }

    public function test_what_anybody_does_makes_a_kept_page_old(): void
    {
        $this->get(self::PAGE)->assertDontSee('The client sleeps until noon.');
        $this->get('/jobs/lantern-house/hand-over')->assertSee('2 snags');
        $this->as('idris')->post('/jobs/lantern-house/snags', ['text' => 'The bell rings twice.']);
        $this->as('mara')->get('/jobs/lantern-house/hand-over')->assertSee('3 snags');
        $this->get(self::PAGE)->assertSee('3 snags');
    }

    public function test_a_changed_profile_makes_a_kept_page_old(): void
    {
        $page = '/jobs/lantern-house/survey?slot=shed-plug';
        $this->get($page)->assertSee('Metering plug');
        $profile = Profile::query()->where('key', 'zb-plug')->firstOrFail();
        $profile->update(['data' => ['name' => 'Relay plug'] + $profile->data]);

        $this->get($page)->assertSee('Relay plug')->assertDontSee('Metering plug');
    }

    public function test_a_kept_page_is_nobody_elses(): void
    {
        $this->get(self::PAGE)->assertSee('Sign out Mara')->assertSee('Change the rules of this job');
        $this->as('wren')->get(self::PAGE)->assertSee('Sign out Wren')->assertDontSee('Change the rules of this job');
    }

    public function test_a_page_kept_for_one_name_of_the_server_is_not_shown_under_another(): void
    {
        config(['kavvel.hosts' => ['localhost', 'bench.example']]);
        $this->get('http://localhost'.self::PAGE)->assertSee('href="http://localhost/jobs/lantern-house', false);
        $this->get('http://bench.example'.self::PAGE)->assertSee('href="http://bench.example/jobs/lantern-house', false)
            ->assertDontSee('http://localhost/', false);
    }

    public function test_two_who_may_see_the_same_share_what_was_made_but_for_name_and_keys(): void
    {
        $this->user('wren')->update(['role' => 'lead']);
        $this->get(self::PAGE);
        $made = $this->queries(fn () => $this->as('wren')->get(self::PAGE)->assertSee('Sign out Wren')->assertDontSee(
            'Mara Lindqvist</button>',
            false,
        ));
        $alone = $this->queries(fn () => $this->get('/jobs/lantern-house/name?slot=freezer'));

        self::assertLessThan($alone / 2, $made);
        $this->as('idris')->get(self::PAGE)->assertSee('Sign out Idris')->assertDontSee('Change the rules of this job');
    }

    public function test_many_who_follow_a_job_are_told_of_a_change_by_one_making(): void
    {
        $this->user('wren')->update(['role' => 'lead']);
        $page = $this->get('/jobs/lantern-house/hand-over');
        $live = html_entity_decode($this->found('/data-live-url="([^"]+)"/', $page)[0]);
        $this->as('idris')->post('/jobs/lantern-house/snags', ['text' => 'The bell rings twice.']);
        $this->flushSession();
        $first = $this->queries(fn () => $this->as('mara')->poll($live, $page)->assertOk()->assertSee('3 snags'));
        $second = $this->queries(fn () => $this->as('wren')->poll($live, $page)->assertOk()->assertSee('3 snags'));

        self::assertLessThan($first / 2, $second);
    }

    public function test_a_confirmation_is_shown_once_and_never_kept(): void
    {
        $this->get(self::PAGE);
        $this->put('/jobs/lantern-house/questions/bath-heater/answer', ['answer' => 'Breaker 12.', 'lock_version' => 1]);
        $this->get(self::PAGE)->assertSee('Saved ');
        $this->get(self::PAGE)->assertDontSee('Saved ');
        $this->get(self::PAGE)->assertDontSee('Saved ');
    }

    public function test_a_tick_with_nothing_new_gets_nothing_and_one_after_a_change_the_pieces_that_changed(): void
    {
        $page = $this->get('/jobs/lantern-house/hand-over');
        $live = html_entity_decode($this->found('/data-live-url="([^"]+)"/', $page)[0]);
        $this->poll($live, $page)->assertNoContent();
        $this->as('idris')->post('/jobs/lantern-house/snags', ['text' => 'The bell rings twice.']);
        $fresh = $this->as('mara')->poll($live, $page)->assertOk();

        self::assertContains('side', $this->found('/data-part="(\w+)"/', $fresh));
        self::assertNotContains('stage', $this->found('/data-part="(\w+)"/', $fresh), 'no plate changed: the plan is not sent again');
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return TestResponse<Response>
     */
    private function poll(string $url, TestResponse $page): TestResponse
    {
        $seen = array_map(
            static fn (string $name, string $version): string => "{$name}:{$version}",
            $this->found('/data-part="(\w+)" data-version/', $page),
            $this->found('/data-version="(\w+)"/', $page),
        );

        return $this->get($url, ['HX-Request' => 'true', 'Kavvel-Parts' => implode(' ', $seen)]);
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return list<string>
     */
    private function found(string $pattern, TestResponse $page): array
    {
        preg_match_all($pattern, (string) $page->getContent(), $found);

        return $found[1];
    }

    private function queries(callable $ask): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $ask();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }
}
