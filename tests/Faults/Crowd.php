<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;

/** Many people at once, each with a page that polls as pages do, and who does something now and then. */
final class Crowd
{
    /** As often as a page polls on which nothing is under way, and as often as a person acts */
    private const POLL_SECONDS = 5.0;

    private const ACT_SECONDS = 10.0;

    /** They come one after another, within this; what one waits is counted when all are there */
    private const COMING_SECONDS = 20.0;

    /** Between two looks at who has an answer: this program is not to take the time that it measures */
    private const LOOK_MICROSECONDS = 2_000;

    private readonly CurlMultiHandler $handler;

    /** @var list<float> milliseconds */
    public array $polls = [];

    /** @var list<float> milliseconds, the page that follows included */
    public array $actions = [];

    /** @var array<string, int> what went wrong, and how often */
    public array $errors = [];

    /** @var list<float> what the server asked of those who polled: 1, or longer pauses where many were waiting */
    public array $patience = [];

    private int $underWay = 0;

    private bool $isComplete = false;

    /** @param list<string> $jobs keys; people are spread over them */
    public function __construct(private readonly array $jobs)
    {
        $this->handler = new CurlMultiHandler(['select_timeout' => 0.01]);
    }

    /** @param float $pace how many times as fast as people are */
    public function work(int $people, float $seconds, float $pace = 1.0): void
    {
        $coming = $people === 1 ? 0.0 : self::COMING_SECONDS;
        $persons = $this->persons($people);
        $start = microtime(true);
        foreach ($persons as $number => $person) {
            $place = $number / $people;
            $person->begins($start + $place * max($coming, self::POLL_SECONDS), $start + $place * max($coming, self::ACT_SECONDS));
        }
        $seconds += $coming;
        while (microtime(true) - $start < $seconds || $this->underWay > 0) {
            $now = microtime(true);
            foreach ($persons as $person) {
                if ($person->isBusy || $now - $start >= $seconds) {
                    continue;
                }
                if ($now >= $person->actAt) {
                    $person->actAt = $now + self::ACT_SECONDS / $pace;
                    $this->send($person, true, $pace);
                } elseif ($now >= $person->pollAt) {
                    $this->send($person, false, $pace);
                }
            }
            $this->isComplete = $now - $start >= $coming;
            $this->handler->tick();
            Utils::queue()->run();
            usleep(self::LOOK_MICROSECONDS);
        }
    }

    /** @param list<float> $values */
    public static function p95(array $values): float
    {
        sort($values);

        return $values === [] ? 0.0 : $values[(int) floor(0.95 * (count($values) - 1))];
    }

    private function send(Person $person, bool $isAction, float $pace): void
    {
        $start = hrtime(true);
        $isCounted = $this->isComplete;
        $person->isBusy = true;
        $this->underWay++;
        $done = function (mixed $answer) use ($person, $isAction, $isCounted, $start, $pace): void {
            $person->isBusy = false;
            $this->underWay--;
            if (! $isAction) {
                $patience = $answer instanceof ResponseInterface ? (float) $answer->getHeaderLine('Kavvel-Patience') : 1.0;
                $this->patience[] = $patience;
                $person->pollAt = microtime(true) + $patience * self::POLL_SECONDS / $pace;
            }
            $status = $answer instanceof ResponseInterface ? "status {$answer->getStatusCode()}" : 'no answer';
            if (! in_array($status, ['status 200', 'status 204'], true)) {
                $this->errors[$status] = ($this->errors[$status] ?? 0) + 1;

                return;
            }
            if ($isCounted) {
                $isAction ? $this->actions[] = (hrtime(true) - $start) / 1e6 : $this->polls[] = (hrtime(true) - $start) / 1e6;
            }
            $person->sees((string) $answer->getBody());
        };
        $question = $isAction ? $this->note($person) : $this->poll($person);
        $question->then($done, $done);
    }

    private function poll(Person $person): PromiseInterface
    {
        return $person->client->getAsync($person->liveUrl, ['headers' => ['HX-Request' => 'true', 'Kavvel-Parts' => $person->parts]]);
    }

    private function note(Person $person): PromiseInterface
    {
        return $person->client->postAsync("/jobs/{$person->job}/logbook", [
            'headers' => ['HX-Request' => 'true'],
            'form_params' => [
                '_token' => $person->token, '_once' => bin2hex(random_bytes(12)), 'text' => 'Looked at it '.bin2hex(random_bytes(4)),
            ],
        ]);
    }

    /** @return list<Person> signed in, each with a page open */
    private function persons(int $people): array
    {
        $stack = HandlerStack::create($this->handler);
        $signedIn = Instance::signedIn();
        $persons = [];
        for ($number = 0; $number < $people; $number++) {
            $job = $this->jobs[$number % count($this->jobs)];
            $client = new Client([
                'base_uri' => Instance::url(), 'cookies' => $signedIn->getConfig('cookies'), 'handler' => $stack, 'timeout' => 60,
                'http_errors' => false, 'allow_redirects' => ['strict' => false],
            ]);
            $page = (string) $signedIn->get("/jobs/{$job}/pair")->getBody();
            $persons[] = new Person($client, $job, Instance::token($page), $page);
        }

        return $persons;
    }
}
