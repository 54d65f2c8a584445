<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\ToldLoss;
use App\Models\User;
use Kavvel\Core\Bridging\Impossible;
use Kavvel\Core\Bridging\Policy;

/** By which paths the wants are met, and that the client knows what is not. */
final readonly class PathChoice
{
    public function __construct(private Logbook $logbook) {}

    /**
     * @param  string  $seen  the policy that was chosen when the person looked, or none
     *
     * @throws PathRefused
     */
    public function choose(SiteJob $job, string $seen, Policy $policy, User $person): void
    {
        $job->holdForWriting();
        if ($job->bridge_policy === $policy) {
            return;
        }
        if ($seen !== (string) $job->bridge_policy?->value) {
            throw PathRefused::isChosenOtherwise($job->bridge_policy);
        }
        $job->update(['bridge_policy' => $policy]);
        $this->logbook->write($job, $person, 'bridge', "Paths into the ecosystems: {$policy->words()}.");
    }

    /** What was read out, in the words of that moment: what is lost otherwise by now is not told by it. */
    public function told(SiteJob $job, string $seen, User $person): int
    {
        $told = 0;
        $bridging = JobBridging::of(JobSheet::of($job));
        foreach ($bridging->untold() as $one) {
            $because = $bridging->because($one);
            if (! in_array(self::mark($one, $because), explode(' ', $seen), true)) {
                continue;
            }
            ToldLoss::query()->updateOrCreate([
                'site_job_id' => $job->id, 'slot_key' => $one->want->device, 'ecosystem_key' => $one->want->ecosystem,
            ], ['because' => $because, 'told_by' => $person->name, 'told_at' => now()]);
            $told++;
        }
        if ($told > 0) {
            $wants = $told === 1 ? 'one want' : "{$told} wants";
            $this->logbook->write($job, $person, 'bridge', "Said to {$job->client_name}: {$wants} can’t be met.");
        }

        return $told;
    }

    /** Short, and another one for every reason. */
    public static function mark(Impossible $one, string $because): string
    {
        return substr(hash('xxh128', serialize([$one->want->device, $one->want->ecosystem, $because])), 0, 12);
    }
}
