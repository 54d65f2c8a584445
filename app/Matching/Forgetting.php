<?php

declare(strict_types=1);

namespace App\Matching;

use App\Logbook\Logbook;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Replacing\ReplaceReason;

/** What is left on the list of a hub: forgotten there, or taken for the device that it is now. */
final readonly class Forgetting
{
    public function __construct(private Logbook $logbook, private Replacing $replacing, private Matching $matching) {}

    /** @throws ForgetRefused where somebody needs it, or no hub reaches it */
    public function forget(SiteJob $job, Node $node, User $person): void
    {
        $slot = $node->slot()->first();
        if ($slot !== null) {
            throw ForgetRefused::belongsTo($node, $slot);
        }
        $gateway = $node->gateway()->whereNotNull('url')->first();
        if ($gateway === null || $node->via !== null) {
            throw ForgetRefused::isNotReached($node);
        }
        $this->logbook->write($job, $person, 'pair', "Asked {$gateway->name} to forget {$node->address}.");
        $node->update(['given_up_at' => $node->given_up_at ?? now(), 'forget_refused' => null]);
        LetGoOfNode::dispatch($gateway, (string) str()->ulid(), $node->address, null);
    }

    /**
     * The copy is the device, and what the slot has is its old entry.
     *
     * @throws ReplaceRefused|MatchRefused
     */
    public function succeed(SiteJob $job, Node $node, Slot $slot, User $person): void
    {
        $this->replacing->begin($job, $slot, ReplaceReason::Gone, null, $person);
        $this->matching->match($job, $slot->refresh(), $node, $person);
    }
}
