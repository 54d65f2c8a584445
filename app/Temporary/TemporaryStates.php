<?php

declare(strict_types=1);

namespace App\Temporary;

use App\Logbook\Logbook;
use App\Models\BridgeLink;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\TemporaryState;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** What was opened, stuck on or switched on only for the work: nothing is handed over before it is closed. */
final readonly class TemporaryStates
{
    public function __construct(private Logbook $logbook) {}

    /** @return Collection<int, TemporaryState> the oldest first */
    public static function openOf(SiteJob $job): Collection
    {
        return $job->temporaryStates()->whereNull('closed_at')->with('slot')->orderBy('id')->get();
    }

    /** The same of the same device is opened once. */
    public function open(SiteJob $job, string $what, ?Slot $slot, ?Carbon $closeBy, User $person): void
    {
        $isOpen = self::openOf($job)->contains(
            static fn (TemporaryState $one): bool => $one->what === $what && $one->slot_id === $slot?->id,
        );
        if ($isOpen) {
            return;
        }
        TemporaryState::query()->create([
            'site_job_id' => $job->id, 'key' => strtolower((string) str()->ulid()), 'slot_id' => $slot?->id, 'what' => $what,
            'opened_by' => $person->name, 'opened_at' => now(), 'close_by' => $closeBy,
        ]);
        $until = $closeBy === null ? '' : ", until {$closeBy->format('j F')}";
        $this->logbook->write($job, $person, 'temporary', 'For the work only: '.Str::lcfirst($what).$until.'.', $slot);
    }

    /** Something that closes by itself, if nobody closes it before. */
    public function openUntil(BridgeLink $link, string $what, Carbon $endsAt, User $person): void
    {
        TemporaryState::query()->create([
            'site_job_id' => $link->site_job_id, 'key' => strtolower((string) str()->ulid()), 'bridge_link_id' => $link->id,
            'what' => $what, 'opened_by' => $person->name, 'opened_at' => now(), 'ends_at' => $endsAt,
        ]);
    }

    /** Something about a link that has to be closed by a day; one of a link. */
    public function permit(BridgeLink $link, string $what, Carbon $closeBy, User $person): void
    {
        TemporaryState::query()->updateOrCreate(['bridge_link_id' => $link->id, 'what' => $what, 'closed_at' => null], [
            'site_job_id' => $link->site_job_id, 'key' => strtolower((string) str()->ulid()), 'opened_by' => $person->name,
            'opened_at' => now(), 'close_by' => $closeBy,
        ]);
    }

    /** @return Collection<int, TemporaryState> */
    public function openOfLink(BridgeLink $link): Collection
    {
        return $link->temporaryStates()->whereNull('closed_at')->with('slot')->get();
    }

    /** What was closed too early is open again until it ends by itself; false: there is no such state, or it has ended. */
    public function reopen(BridgeLink $link): bool
    {
        $last = $link->temporaryStates()->whereNotNull('closed_at')->where('ends_at', '>', now())->latest('id')->first();

        return $last?->update(['closed_at' => null, 'closed_by' => null]) === true;
    }

    /** What was to close by itself has: whoever looks at the job sees it. */
    public static function closeEnded(): void
    {
        $ended = TemporaryState::query()->withoutGlobalScopes()->whereNull('closed_at')->where('ends_at', '<=', now())->get();
        foreach ($ended as $state) {
            $state->update(['closed_by' => 'itself', 'closed_at' => $state->ends_at]);
            SiteJob::query()->withoutGlobalScopes()->whereKey($state->site_job_id)->increment('live_version');
        }
    }

    /** What is closed already stays as it was closed. */
    public function close(SiteJob $job, TemporaryState $state, User $person): void
    {
        if ($state->closed_at === null) {
            $state->update(['closed_by' => $person->name, 'closed_at' => now()]);
            $this->logbook->write($job, $person, 'temporary', "Closed: {$state->what}.", $state->slot);
        }
    }
}
