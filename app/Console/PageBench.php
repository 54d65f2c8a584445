<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\Tenancy\CurrentCompany;
use Closure;
use Database\Seeders\DemoSeeder;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/**
 * Holds each page of the demo job against a bare signed-in route of the same framework on the same server,
 * turn and turn about in one run: the ratio of the medians, with the number of queries and the weight.
 */
final readonly class PageBench
{
    private const ROUNDS = 100;

    /** Enough to warm every worker of the web server */
    private const WARM_UP = 15;

    private const BARE = '/bare';

    private const JOB = 'lantern-house';

    public const PAGES = [
        '/jobs', '/jobs/lantern-house/survey', '/jobs/lantern-house/pair', '/jobs/lantern-house/name', '/jobs/lantern-house/mesh',
        '/jobs/lantern-house/bridge', '/jobs/lantern-house/hand-over',
    ];

    /** Where a wall is moved to and fro */
    private const DRAWN = '/jobs/lantern-house/survey?lens=rooms&storey=ground&at=wall+ground-w12';

    /** What a page asks while it is on screen */
    private const TICKED = '/jobs/lantern-house/pair';

    public function __construct(private Kernel $kernel, private CurrentCompany $company) {}

    /** @return list<array{page: string, ms: float, ratio: float, queries: int|null, kilobytes: float}> the bare route first */
    public function run(string $baseUrl): array
    {
        $client = $this->signedIn($baseUrl);

        return [...$this->turns($this->unchanged($client)), ...$this->turns($this->changing($client))];
    }

    /**
     * @param  array<string, array{Closure(): void, Closure(): ResponseInterface}>  $asks
     * @return list<array{page: string, ms: float, ratio: float, queries: int|null, kilobytes: float}>
     */
    private function turns(array $asks): array
    {
        $taken = [];
        $weight = [];
        for ($round = -self::WARM_UP; $round < self::ROUNDS; $round++) {
            foreach ($asks as $name => [$prepare, $ask]) {
                $prepare();
                $start = hrtime(true);
                $body = (string) $ask()->getBody();
                if ($round >= 0) {
                    $taken[$name][] = (hrtime(true) - $start) / 1e6;
                    $weight[$name] = strlen($body) / 1000;
                }
            }
        }
        $bare = self::median($taken[self::BARE]);

        return array_map(fn (string $name): array => [
            'page' => $name,
            'ms' => self::median($taken[$name]),
            'ratio' => self::median($taken[$name]) / $bare,
            'queries' => in_array($name, self::PAGES, true) ? $this->queries($name) : null,
            'kilobytes' => $weight[$name],
        ], array_keys($asks));
    }

    /** @return array<string, array{Closure(): void, Closure(): ResponseInterface}> pages while nothing changes */
    private function unchanged(Client $client): array
    {
        $asks = [];
        foreach ([self::BARE, ...self::PAGES] as $page) {
            $asks[$page] = [static function (): void {}, static fn (): ResponseInterface => $client->get($page)];
        }

        return $asks;
    }

    /**
     * One page while others work: what it asks on screen, and the whole of it after a change.
     *
     * @return array<string, array{Closure(): void, Closure(): ResponseInterface}> what is done before, and what is timed
     */
    private function changing(Client $client): array
    {
        $change = static function (): void {
            DB::table('site_jobs')->where('key', self::JOB)->increment('live_version');
        };
        preg_match_all('/data-part="(\w+)" data-version="(\w+)"/', (string) $client->get(self::TICKED)->getBody(), $parts, PREG_SET_ORDER);
        $seen = implode(' ', array_map(static fn (array $part): string => "{$part[1]}:{$part[2]}", $parts));
        $since = 0;
        $look = static function () use (&$since): void {
            $since = (int) DB::table('site_jobs')->where('key', self::JOB)->value('live_version');
        };
        $tick = static function (bool $isLate) use ($client, $seen, &$since): ResponseInterface {
            return $client->get(self::TICKED, [
                'query' => ['since' => $isLate ? 0 : $since], 'headers' => ['HX-Request' => 'true', 'Kavvel-Parts' => $seen],
            ]);
        };

        return [
            self::BARE => [static function (): void {}, static fn (): ResponseInterface => $client->get(self::BARE)],
            'a tick with nothing new' => [$look, static fn (): ResponseInterface => $tick(false)],
            'a tick after a change' => [$change, static fn (): ResponseInterface => $tick(true)],
            'a wall moved on the plan' => [static function (): void {}, $this->moves($client)],
            'the pair page after a change' => [$change, static fn (): ResponseInterface => $client->get(self::TICKED)],
        ];
    }

    /** @return Closure(): ResponseInterface from the touch to the plan drawn anew: a wall goes a little to and fro */
    private function moves(Client $client): Closure
    {
        $page = (string) $client->get(self::DRAWN)->getBody();
        $way = 0.05;

        return static function () use ($client, $page, &$way): ResponseInterface {
            preg_match('/name="_token" value="([^"]+)"/', $page, $token);
            preg_match_all('/data-part="(\w+)" data-version="(\w+)"/', $page, $parts, PREG_SET_ORDER);
            $way = -$way;
            return $client->post('/jobs/lantern-house/plan-edits', [
                'form_params' => [
                    '_token' => $token[1] ?? '',
                    'edit' => 'move-wall',
                    'wall' => 'ground-w12',
                    'by' => $way,
                    'on' => 'ground',
                ],
                'headers' => ['HX-Request' => 'true', 'Kavvel-Parts' => implode(' ', array_map(
                    static fn (array $part): string => "{$part[1]}:{$part[2]}",
                    $parts,
                ))],
            ]);
        };
    }

    private function signedIn(string $baseUrl): Client
    {
        $client = new Client(['base_uri' => $baseUrl, 'cookies' => new CookieJar]);
        preg_match('/name="_token" value="([^"]+)"/', (string) $client->get('/sign-in')->getBody(), $token);
        $client->post('/sign-in', ['form_params' => [
            '_token' => $token[1] ?? '', 'email' => 'mara@tarn-thistle.example', 'password' => DemoSeeder::PASSWORD,
        ]]);
        if ((string) $client->get(self::BARE)->getBody() !== 'bare') {
            throw new RuntimeException('The demo sign-in does not work here: run ./kavvel demo first.');
        }

        return $client;
    }

    private function queries(string $page): int
    {
        $user = User::query()->where('email', 'mara@tarn-thistle.example')->firstOrFail();
        auth()->setUser($user);
        $this->company->leave();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->kernel->handle(Request::create($page));

        // The signed-in user is fetched once more over HTTP than here.
        return count(DB::getQueryLog()) + 1;
    }

    /** @param list<float> $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }
}
