<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\DeviceReported;
use App\Gateway\NodeList;
use App\Models\Slot;
use App\Proving\Proofs;
use App\WhoIsWho\Listenings;
use Kavvel\Core\Proving\Shown;

final readonly class OnDeviceReported
{
    public function __construct(private NodeList $nodes, private Proofs $proofs, private Listenings $listenings) {}

    public function handle(DeviceReported $event): void
    {
        $node = $this->nodes->find($event->gateway, $event->address);
        if ($node === null) {
            return;
        }
        $node->update(['heard_at' => $event->at]);
        $at = $event->at->clone()->subSeconds($event->gateway->clock_ahead_seconds);
        $this->listenings->heard($node, $event->capability, $event->value, $at);
        $slot = Slot::query()->with('profile')->where('node_id', $node->id)->first();
        if ($slot === null) {
            return;
        }
        $profile = $slot->profile->core($event->gateway->job()->firstOrFail()->region);
        foreach (Shown::byReport($profile, $event->capability, $event->value) as $shown) {
            $this->proofs->show($slot, $shown);
        }
    }
}
