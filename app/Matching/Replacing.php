<?php

declare(strict_types=1);

namespace App\Matching;

use App\JobSheet\HubOfSlot;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\Node;
use App\Models\Profile;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotFit;
use App\Models\SlotSetting;
use App\Models\Stay;
use App\Models\User;
use App\Proving\Proofs;
use App\Radio\Forecasts;
use Kavvel\Core\Protocol\Leaving;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Replacing\ReplaceReason;

/**
 * A device goes, and the slot waits for another: its name, room, plan, settings, wants and rules stay. The hub is told to forget
 * the old one, so that nobody counts on it, and no second copy of it is left.
 */
final readonly class Replacing
{
    public function __construct(
        private Logbook $logbook,
        private Proofs $proofs,
        private Forecasts $forecasts,
    ) {}

    /**
     * @param  Profile|null  $with  another model; null: one like it
     *
     * @throws ReplaceRefused
     */
    public function begin(SiteJob $job, Slot $slot, ReplaceReason $reason, ?Profile $with, User $person): void
    {
        $slot = Slot::query()->whereKey($slot->id)->lockForUpdate()->firstOrFail();
        $node = $slot->node()->first() ?? throw ReplaceRefused::hasNone($slot);
        $leaving = $node->protocol->rules()->leaving();
        if ($reason->isAtHand() && $node->state !== Node::LEFT && $leaving === Leaving::Excluded) {
            throw ReplaceRefused::isExcludedFirst($slot);
        }
        if ($with !== null && $with->protocol() !== $slot->profile()->firstOrFail()->protocol()) {
            throw ReplaceRefused::isAnotherRadio($slot);
        }
        $sheet = JobSheet::of($job);
        $this->remember($slot, $reason, $sheet->cards[$slot->key], $sheet);
        $this->empty($slot, $node, $reason);
        $this->logbook->write($job, $person, 'pair', "Replaces the {$slot->title()}, {$node->address}: {$reason->words()}.", $slot);
        if ($with !== null && $with->id !== $slot->profile_id) {
            $this->planAnother($job, $slot, $with, $person);
        }
    }

    /** What has to be done again is told by what was. */
    private function remember(Slot $slot, ReplaceReason $reason, SlotCard $card, JobSheet $sheet): void
    {
        $shown = array_filter(Rung::own(), static fn (Rung $rung): bool => $card->ladder->outcome($rung) === Outcome::Passed);
        Stay::of($slot)->whereNull('until')->update([
            'replaced' => $reason->value,
            'shown' => json_encode(array_values(array_map(static fn (Rung $rung): string => $rung->value, $shown))),
            'hanging_on' => $sheet->hangingOn($card),
        ]);
    }

    private function empty(Slot $slot, Node $node, ReplaceReason $reason): void
    {
        $this->proofs->endStay($slot, $node, $reason->words());
        $gateway = $node->state === Node::LEFT || $node->via !== null ? null : HubOfSlot::linked($slot, $node);
        $slot->update([
            'node_id' => null, 'named_at' => null, 'placed_at' => null, 'hardware' => null, 'name_command' => null, 'name_refused' => null,
        ]);
        $node->update(['matched_at' => null, 'given_up_at' => now()]);
        SlotSetting::setAnew($slot);
        SlotFit::query()->where('slot_id', $slot->id)->first()?->comesOut();
        $this->proofs->movedByHand($slot);
        Credential::query()->where('slot_id', $slot->id)->whereNotNull('fingerprint')->whereNull('stale_at')
            ->update(['stale_at' => now(), 'stale_because' => 'its device was replaced']);
        if ($gateway !== null) {
            LetGoOfNode::dispatch($gateway, (string) str()->ulid(), $node->address, $slot->id);
        }
    }

    private function planAnother(SiteJob $job, Slot $slot, Profile $with, User $person): void
    {
        $slot->update(['profile_id' => $with->id]);
        $this->logbook->write($job, $person, 'plan', "Planned another model as the {$slot->title()}.", $slot);
        $this->forecasts->planChanged($job);
    }
}
