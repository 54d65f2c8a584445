<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** Takes away what nobody can need any more. */
final readonly class Prune
{
    /** A request is not sent again after this */
    private const KEY_HOURS = 48;

    /** Failed jobs are looked at, or never */
    private const FAILED_DAYS = 30;

    /** What a hub said, who listened for what, and who tried to sign in */
    private const HEARD_DAYS = 90;

    /** A page is made anew when it is asked for */
    private const KEPT_MINUTES = 120;

    public function __construct(private Filesystem $files) {}

    /** @return array<string, int> how many of each were taken away */
    public function run(): array
    {
        return [
            'idempotency keys' => DB::table('idempotency_keys')->where('created_at', '<', now()->subHours(self::KEY_HOURS))->delete(),
            'old forecasts' => DB::delete(
                'delete forecasts from forecasts join site_jobs on site_jobs.id = forecasts.site_job_id '
                    .'where forecasts.plan_version < site_jobs.plan_version',
            ),
            'events of hubs' => DB::table('gateway_events')
                ->whereNull('set_aside')
                ->where('at', '<', now()->subDays(self::HEARD_DAYS))
                ->delete(),
            'listenings' => DB::table('listenings')->where('round_at', '<', now()->subDays(self::HEARD_DAYS))->delete(),
            'tries to sign in' => DB::table('sign_in_tries')->where('at', '<', now()->subDays(self::HEARD_DAYS))->delete(),
            'failed jobs' => DB::table('failed_jobs')->where('failed_at', '<', now()->subDays(self::FAILED_DAYS))->delete(),
            'sessions' => $this->old((string) config('session.files'), (int) config('session.lifetime')),
            'kept pages' => $this->old((string) config('cache.stores.file.path'), self::KEPT_MINUTES),
        ];
    }

    /** Files that nothing has touched for so long. */
    private function old(string $folder, int $minutes): int
    {
        if (! $this->files->isDirectory($folder)) {
            return 0;
        }
        $gone = 0;
        foreach ($this->files->allFiles($folder) as $file) {
            if ($file->getMTime() < time() - 60 * $minutes && $this->files->delete($file->getPathname())) {
                $gone++;
            }
        }

        return $gone;
    }
}
