<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\Node;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Proving\Proofs;
use Illuminate\Database\UniqueConstraintViolationException;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Protocol\Joining;

/** Records what was put in where Kavvel has no link to. No rung is shown by that: nobody was heard. */
final readonly class HandPairings
{
    public function __construct(private Logbook $logbook, private Proofs $proofs) {}

    /** @throws HandPairingRefused */
    public function record(SiteJob $job, Slot $slot, string $address, User $person, string $how = 'Recorded by hand'): void
    {
        $card = JobSheet::of($job)->cards[$slot->key];
        if ($card->isIn()) {
            throw HandPairingRefused::isInAlready($slot);
        }
        if ($card->isLinked()) {
            throw HandPairingRefused::overTheLink($card);
        }
        $node = $this->node($job, $card, $this->address($card, $address));
        try {
            $node->save();
        } catch (UniqueConstraintViolationException) {
            throw HandPairingRefused::writtenDownByAnother($node->address);
        }
        $slot->update(['node_id' => $node->id]);
        $this->proofs->beginStay($slot, $node);
        PairAttempt::query()->create([
            'site_job_id' => $job->id,
            'slot_id' => $slot->id,
            'node_id' => $node->id,
            'user_id' => $person->id,
            'state' => AttemptState::Joined,
            'missing' => [],
            'started_at' => now(),
            'ended_at' => now(),
        ]);
        $this->logbook->write($job, $person, 'pair', "{$how}: the {$slot->title()} is in as {$node->address}.", $slot);
    }

    /** What is taught to a sender, or wired, may have no address of its own: its slot tells it from the others. */
    private function address(SlotCard $card, string $address): string
    {
        return match (true) {
            $address !== '' => $address,
            $card->profile->protocol->rules()->joining() === Joining::Window => throw HandPairingRefused::addressMissing(),
            default => "{$card->profile->protocol->value} {$card->key()}",
        };
    }

    /** @throws HandPairingRefused */
    private function node(SiteJob $job, SlotCard $card, string $address): Node
    {
        $gatewayId = $card->hub?->gateway->id;
        $known = Node::query()
            ->where('site_job_id', $job->id)
            ->where('gateway_id', $gatewayId)
            ->where('address', $address)
            ->with('slot')
            ->first();
        if ($known?->slot !== null && $known->slot->id !== $card->slot->id) {
            throw HandPairingRefused::addressIsTaken($address, $known->slot);
        }
        if ($known !== null && $known->protocol !== $card->profile->protocol) {
            throw HandPairingRefused::addressIsOfAnotherRadio($address);
        }
        $node = $known ?? new Node(['site_job_id' => $job->id, 'gateway_id' => $gatewayId, 'address' => $address]);

        return $node->fill([
            'protocol' => $card->profile->protocol,
            'model' => $card->profile->model,
            'is_router' => $card->profile->isRouter,
            'capabilities' => $card->profile->capabilities,
            'state' => 'joined',
            'joined_at' => now(),
            'left_at' => null,
        ]);
    }
}
