<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\Snag;
use App\Models\User;
use App\Proving\Proofs;
use Illuminate\Validation\ValidationException;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/** Commissioning in one act: this node is that slot's device. The window closes with it: one at a time. */
final readonly class Matching
{
    public function __construct(private Logbook $logbook, private Proofs $proofs, private JoinWindows $windows) {}

    /** @throws ValidationException */
    public function match(SiteJob $job, Slot $slot, Node $node, User $person): void
    {
        if ($slot->node_id !== null && $slot->node_id !== $node->id) {
            throw ValidationException::withMessages(['address' => "The {$slot->title()} has a node already. Take that one away first."]);
        }
        $other = Slot::query()->where('node_id', $node->id)->whereKeyNot($slot->id)->first();
        if ($other !== null) {
            throw ValidationException::withMessages(['address' => "{$node->address} is the {$other->title()} already."]);
        }
        $slot->update(['node_id' => $node->id]);
        if ($node->state === 'joined') {
            $this->proofs->record($slot, Rung::Radio, Outcome::Passed, null, 'joined and interviewed');
        } else {
            $this->acceptInPart($job, $slot, $node, $person);
        }
        $this->logbook->write($job, $person, 'pair', "Matched {$node->address} to the {$slot->title()}.", $slot);
        foreach (JoinWindow::query()->where('site_job_id', $job->id)->whereIn('state', ['opening', 'open'])->get() as $window) {
            $this->windows->close($window);
            $window->update(['slot_id' => null]);
        }
    }

    /** A device that joined in part is a failure until somebody accepts it; then it is a snag. */
    private function acceptInPart(SiteJob $job, Slot $slot, Node $node, User $person): void
    {
        $missing = array_diff($slot->profile()->firstOrFail()->data['capabilities'], $node->capabilities);
        Snag::query()->create(['site_job_id' => $job->id, 'key' => (string) str()->ulid(), 'slot_id' => $slot->id, 'state' => 'open', 'raised_by' => $person->name, 'raised_at' => now(),
            'text' => "The {$slot->title()} joined in part. Missing: ".implode(', ', $missing).'.']);
    }
}
