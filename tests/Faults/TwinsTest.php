<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Promise\Utils;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;

/** Many requests at the same moment, over real connections. */
final class TwinsTest extends TestCase
{
    private const AT_ONCE = 20;

    public static function setUpBeforeClass(): void
    {
        Instance::run('start');
    }

    public static function tearDownAfterClass(): void
    {
        Instance::run('stop');
    }

    public function test_many_twins_at_once_are_one_row_and_one_answer(): void
    {
        $person = Instance::signedIn();
        $token = Instance::token((string) $person->get('/jobs/lantern-house/pair')->getBody());
        $text = 'Twins '.bin2hex(random_bytes(6));
        $form = ['form_params' => ['_token' => $token, '_once' => bin2hex(random_bytes(12)), 'text' => $text], 'http_errors' => false];
        $answers = Utils::unwrap(array_map(
            static fn () => $person->postAsync('/jobs/lantern-house/snags', $form),
            range(1, self::AT_ONCE),
        ));

        self::assertSame([303], array_values(array_unique(self::statuses($answers))));
        self::assertSame(1, Instance::count('select count(*) from snags where text = ?', $text));
    }

    public function test_many_writers_of_one_thing_are_told_and_nothing_breaks(): void
    {
        $person = Instance::signedIn();
        $token = Instance::token((string) $person->get('/jobs/lantern-house/pair')->getBody());
        $answers = Utils::unwrap(array_map(static fn (int $number) =>
            $person->postAsync('/jobs/lantern-house/slots/panel/proofs', ['form_params' => [
                '_token' => $token, '_once' => bin2hex(random_bytes(12)), 'rung' => 'hand',
                'outcome' => $number % 2 === 0 ? 'passed' : 'failed',
                'reason' => "Try {$number}",
            ], 'http_errors' => false]), range(1, self::AT_ONCE)));

        foreach (self::statuses($answers) as $status) {
            self::assertLessThan(500, $status);
        }
    }

    public function test_a_job_with_a_new_profile_comes_in_while_pages_are_open(): void
    {
        $person = Instance::signedIn();
        $token = Instance::token((string) $person->get('/jobs')->getBody());
        $house = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/demo/hollin-barn.json'), true);
        $times = getenv('KAVVEL_FAULTS') === 'long' ? 50 : 8;
        $failed = 0;
        for ($time = 0; $time < $times; $time++) {
            $key = 'profile-'.bin2hex(random_bytes(5));
            $new = $house;
            $new['profiles'][] = ['key' => $key, 'name' => "New {$time}"] + $house['profiles'][0];
            $new['slots'][0]['profile'] = $key;
            $import = $person->postAsync('/job-files', ['multipart' => [
                ['name' => '_token', 'contents' => $token], ['name' => 'again', 'contents' => '1'],
                ['name' => 'file', 'contents' => (string) json_encode($new), 'filename' => 'job.json'],
            ]]);
            $answers = Utils::unwrap([$import, ...array_map(
                static fn (int $number) => $person->getAsync($number % 2 === 0 ? '/jobs/lantern-house/pair' : '/jobs/hollin-barn/survey', [
                    'http_errors' => false,
                ]),
                range(1, 6),
            )]);
            $page = $person->get($answers[0]->getHeaderLine('Location').'/survey', ['http_errors' => false]);
            $failed += max([...self::statuses($answers), $page->getStatusCode()]) >= 500 ? 1 : 0;
        }

        self::assertSame(0, $failed);
        Figures::note('jobs with a new profile taken in while pages are open', "{$failed} of {$times} failed");
    }

    /**
     * @param  array<array-key, ResponseInterface>  $answers
     * @return list<int>
     */
    private static function statuses(array $answers): array
    {
        return array_values(array_map(static fn (ResponseInterface $answer): int => $answer->getStatusCode(), $answers));
    }
}
