<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Gateway;
use App\Models\SiteJob;
use App\Models\User;
use App\Vitals\Away;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;

use function Illuminate\Support\defer;

use Illuminate\Support\Facades\Cache;

/**
 * Pages of a job, and what its polls are answered, are made once for each version of it, for all who may see the same:
 * who goes from station to station while nothing changes is not kept waiting, and many who follow one job are told of a
 * change by one making. The last of each address is kept, and no page on which something is under way, or that is one
 * person's own.
 */
final readonly class KeptPages
{
    private const KEPT_SECONDS = 3600;

    /** What a session holds that no page shows, or that only says who somebody is */
    private const NOT_SHOWN = ['_token', '_previous', '_flash', 'url', 'era'];

    /**
     * @param  array<string, string>  $seen  versions of the pieces that a poll has
     * @param  Closure(): PageInPieces  $make
     */
    public function page(Request $request, SiteJob $job, string $station, array $seen, Closure $make): PageInPieces
    {
        if ($this->hasNews($request)) {
            return $make();
        }
        /** @var User $user */
        $user = $request->user();
        // What stands in the card has no part in what is made: only the others are left out where they were seen.
        $address = [
            $request->getSchemeAndHttpHost(), $job->id, $station, $user->role->value, $user->single_keys, $request->except('since'),
            Arr::except($seen, 'side'),
        ];
        $key = 'page.'.hash('xxh128', serialize($address));
        $version = $this->version($request, $job);
        $kept = Cache::get($key);
        if (is_array($kept) && $kept['version'] === $version) {
            return $kept['page'];
        }
        $page = $make();
        if (! $page->isLive && ! $page->isOwn) {
            // Nobody waits for the disk.
            defer(static fn (): bool => Cache::put($key, ['version' => $version, 'page' => $page], self::KEPT_SECONDS));
        }

        return $page;
    }

    /** A message for this one view of the page. */
    private function hasNews(Request $request): bool
    {
        $session = $request->session();

        return $session->get('_flash.old', []) !== [] || $session->get('_flash.new', []) !== [];
    }

    private function version(Request $request, SiteJob $job): string
    {
        $silent = $job->gateways()->get()->map(static fn (Gateway $gateway): array => [
            $gateway->silentSince()?->getTimestamp(), $gateway->silent_because,
        ]);

        return hash('xxh128', serialize([
            $job->live_version, $job->updated_at, $silent->all(), Away::behindThePage(),
            array_filter(
                Arr::except($request->session()->all(), self::NOT_SHOWN),
                static fn (string $name): bool => ! str_starts_with($name, 'login_') && ! str_starts_with($name, 'password_hash_'),
                ARRAY_FILTER_USE_KEY,
            ),
        ]));
    }
}
