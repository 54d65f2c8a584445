<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Bench\Line;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Node;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Validation\ValidationException;
use Kavvel\Core\Pairing\AttemptState;

/** Records what was paired at a controller that Kavvel has no link to. No rung is shown by that: nobody was heard. */
final readonly class HandPairings
{
    public function __construct(private Logbook $logbook) {}

    /** @throws ValidationException */
    public function record(SiteJob $job, Slot $slot, string $address, User $person): void
    {
        $sheet = JobSheet::of($job);
        $card = $sheet->cards[$slot->key];
        $gateway = $sheet->gateway ?? throw $this->refused('The plan has no gateway that could know this device.');
        if ($card->isIn()) {
            throw $this->refused("The {$slot->title()} has a node already. Take that one away first.");
        }
        if (! Line::isPaired($card->profile) || $sheet->isLinked($card)) {
            throw $this->refused("The {$slot->title()} is not paired by hand.");
        }
        $known = Node::query()->where('gateway_id', $gateway->id)->where('address', $address)->with('slot')->first();
        if ($known?->slot !== null) {
            throw $this->refused("{$address} is the {$known->slot->title()} already.");
        }
        if ($known !== null && $known->protocol !== $card->profile->protocol) {
            throw $this->refused("{$address} is a device of another radio.");
        }
        $node = $known ?? new Node(['site_job_id' => $job->id, 'gateway_id' => $gateway->id, 'address' => $address]);
        $node->fill(['protocol' => $card->profile->protocol, 'model' => $card->profile->model, 'is_router' => $card->profile->isRouter, 'capabilities' => $card->profile->capabilities,
            'state' => 'joined', 'joined_at' => now()]);
        try {
            $node->save();
        } catch (UniqueConstraintViolationException) {
            throw $this->refused("Somebody else wrote down {$address} at this very moment. Look which device it is.");
        }
        $slot->update(['node_id' => $node->id]);
        PairAttempt::query()->create(['site_job_id' => $job->id, 'slot_id' => $slot->id, 'node_id' => $node->id, 'user_id' => $person->id, 'state' => AttemptState::Joined, 'missing' => [], 'started_at' => now(), 'ended_at' => now()]);
        $this->logbook->write($job, $person, 'pair', "Recorded by hand: the {$slot->title()} is in as {$address}.", $slot);
    }

    private function refused(string $message): ValidationException
    {
        return ValidationException::withMessages(['address' => $message]);
    }
}
