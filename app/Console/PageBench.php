<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\Tenancy\CurrentCompany;
use Database\Seeders\DemoSeeder;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
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

    public const PAGES = [
        '/jobs', '/jobs/lantern-house/survey', '/jobs/lantern-house/pair', '/jobs/lantern-house/name', '/jobs/lantern-house/mesh',
        '/jobs/lantern-house/hand-over',
    ];

    public function __construct(private Kernel $kernel, private CurrentCompany $company) {}

    /** @return list<array{page: string, ms: float, ratio: float, queries: int, kilobytes: float}> the bare route first */
    public function run(string $baseUrl): array
    {
        $client = $this->signedIn($baseUrl);
        $taken = [];
        $weight = [];
        for ($round = -self::WARM_UP; $round < self::ROUNDS; $round++) {
            foreach ([self::BARE, ...self::PAGES] as $page) {
                $start = hrtime(true);
                $body = (string) $client->get($page)->getBody();
                if ($round >= 0) {
                    $taken[$page][] = (hrtime(true) - $start) / 1e6;
                    $weight[$page] = strlen($body) / 1000;
                }
            }
        }
        $bare = self::median($taken[self::BARE]);

        return array_map(fn (string $page): array => [
            'page' => $page,
            'ms' => self::median($taken[$page]),
            'ratio' => self::median($taken[$page]) / $bare,
            'queries' => $this->queries($page),
            'kilobytes' => $weight[$page],
        ], [self::BARE, ...self::PAGES]);
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
