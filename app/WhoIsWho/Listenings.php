<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Listening;
use App\Models\ListeningVoice;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Support\Carbon;
use Kavvel\Core\WhoIsWho\Trigger;

/** Listening for the device of a slot: one at a time on a job, so that nobody hears another’s trigger. */
final readonly class Listenings
{
    /** The clock of a hub is known to two seconds only */
    private const SLACK_SECONDS = 2;

    /**
     * @param  bool  $instead  of somebody who listens for another
     *
     * @throws ListeningRefused
     */
    public function begin(SiteJob $job, SlotCard $card, User $person, bool $instead = false): Listening
    {
        // Two may begin at the same moment: the second waits here, and is told.
        SiteJob::query()->whereKey($job->id)->lockForUpdate()->first();
        if ($card->linkedHub() === null && ! $card->isBehindBridge()) {
            throw ListeningRefused::notOverTheLink($card);
        }
        if (Trigger::of($card->profile) === null) {
            throw ListeningRefused::saysNothing($card);
        }
        $other = Listening::underWay($job->id)->with(['user', 'slot'])->where('user_id', '!=', $person->id)->latest('id')->first();
        if ($other !== null && ! $instead) {
            throw ListeningRefused::somebodyListens($other);
        }
        Listening::query()->where('site_job_id', $job->id)->whereNull('ended_at')->update(['ended_at' => now()]);

        return Listening::query()->create([
            'site_job_id' => $job->id, 'slot_id' => $card->slot->id, 'user_id' => $person->id, 'round' => 1, 'round_at' => now(),
        ]);
    }

    /**
     * It is triggered once more.
     *
     * @param  int  $after  the round that was seen: the same touch twice begins one
     *
     * @throws ListeningRefused
     */
    public function again(Listening $listening, int $after): void
    {
        $this->check($listening);
        Listening::query()->whereKey($listening->id)->where('round', $after)->update(['round' => $after + 1, 'round_at' => now()]);
    }

    /** What was heard was another: it begins with the first round. */
    public function anew(Listening $listening): void
    {
        $this->check($listening);
        $listening->voices()->delete();
        $listening->update(['round' => 1, 'round_at' => now()]);
    }

    public function end(Listening $listening): void
    {
        $listening->update(['ended_at' => $listening->ended_at ?? now()]);
    }

    /** @throws ListeningRefused where it is over, by time or by another person */
    public function check(Listening $listening): void
    {
        if (Listening::underWay($listening->site_job_id)->whereKey($listening->id)->doesntExist()) {
            throw ListeningRefused::isOver();
        }
    }

    /** A device has spoken. What was said before the round began, and came late, is no answer to its trigger. */
    public function heard(Node $node, string $capability, string $value, Carbon $at): void
    {
        $node->update(['said' => $capability, 'said_value' => $value, 'said_at' => $at, 'given_up_at' => null]);
        $listening = Listening::underWay($node->site_job_id)->latest('id')->first();
        if ($listening === null || $at->lessThan($listening->round_at->clone()->subSeconds(self::SLACK_SECONDS))) {
            return;
        }
        ListeningVoice::query()->firstOrCreate([
            'site_job_id' => $node->site_job_id, 'listening_id' => $listening->id, 'node_id' => $node->id, 'round' => $listening->round,
            'capability' => $capability,
        ], ['value' => $value, 'at' => $at]);
    }

    /** The one that a person listens for, as long as it is on the plan. */
    public function mine(JobSheet $sheet, ?int $userId): ?Listening
    {
        $listening = Listening::underWay($sheet->job->id)->with(['voices', 'user'])->where('user_id', $userId)->latest('id')->first();

        return $sheet->cardOfSlot($listening?->slot_id) === null ? null : $listening;
    }

    /** Another person who listens. */
    public function others(JobSheet $sheet, ?int $userId): ?Listening
    {
        return Listening::underWay($sheet->job->id)->with(['user', 'slot'])->where('user_id', '!=', $userId)->latest('id')->first();
    }
}
