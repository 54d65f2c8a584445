<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\DeviceAnnounced;
use App\Gateway\ListedNode;
use App\Gateway\NodeList;
use App\Logbook\Logbook;
use App\Models\PairAttempt;
use App\Models\Slot;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Pairing\AttemptState;

/**
 * The first that speaks in a window is the one that is waited for longest, unless it is another slot's device that came back. In a
 * batch its model tells later which it is.
 */
final readonly class OnDeviceAnnounced
{
    public function __construct(private NodeList $nodes, private Logbook $logbook) {}

    public function handle(DeviceAnnounced $event): void
    {
        $attempts = PairAttempt::query()->with(['slot.profile', 'node'])
            ->whereRelation('joinWindow', 'reference', $event->window)->orderBy('id')->get();
        $attempt = $attempts->first(static fn (PairAttempt $one): bool => $one->node?->address === $event->address)
            ?? $attempts->firstWhere('state', AttemptState::Waiting) ?? $attempts->last();
        $listed = ListedNode::announced($event->address, $attempt?->slot->profile->protocol());
        $node = $this->nodes->keep($event->gateway, $listed, 'announced', $event->at);
        if ($attempt === null) {
            return;
        }
        if ($attempt->state !== AttemptState::Waiting) {
            $attempt->update(['strangers' => $attempt->strangers + ($attempt->node_id === $node->id ? 0 : 1)]);

            return;
        }
        $owner = Slot::query()->where('node_id', $node->id)->whereKeyNot($attempt->slot_id)->first();
        if ($owner !== null) {
            $line = "The {$owner->title()} came back through the window for the {$attempt->slot->title()}.";
            $this->logbook->write($event->gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $owner);

            return;
        }
        $attempt->pass(AttemptEvent::Announced, ['node_id' => $node->id]);
    }
}
