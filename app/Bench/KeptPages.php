<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Gateway;
use App\Models\SiteJob;
use App\Vitals\Away;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;

use function Illuminate\Support\defer;

use Illuminate\Support\Facades\Cache;

/**
 * Pages of a job are made once for each version of it: who goes from station to station while nothing changes is not
 * kept waiting. The last of each address and person is kept, and no page on which something is under way.
 */
final readonly class KeptPages
{
    private const KEPT_SECONDS = 3600;

    /** What a session holds that no page shows */
    private const NOT_SHOWN = ['_token', '_previous', '_flash', 'url'];

    /** @param Closure(): PageInPieces $make */
    public function page(Request $request, SiteJob $job, string $station, Closure $make): PageInPieces
    {
        if ($this->hasNews($request)) {
            return $make();
        }
        $user = $request->user();
        $key = 'page.'.hash('xxh128', "{$user?->id} {$job->id} {$station} ".http_build_query($request->query()));
        $version = $this->version($request, $job);
        $kept = Cache::get($key);
        if (is_array($kept) && $kept['version'] === $version) {
            return $kept['page']->withFreshForms();
        }
        $page = $make();
        if (! $page->isLive) {
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
            $job->live_version, $job->updated_at, $request->user()?->updated_at, $silent->all(), Away::behindThePage(),
            Arr::except($request->session()->all(), self::NOT_SHOWN),
        ]));
    }
}
