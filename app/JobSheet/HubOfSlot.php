<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Gateway;
use App\Models\Network;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use Kavvel\Core\Pairing\HubChoice;
use Kavvel\Core\Pairing\HubOffer;
use Kavvel\Core\Protocol\Protocol;

/** The hub that a device belongs to, where the whole sheet is not needed. */
final readonly class HubOfSlot
{
    /** The one whose link opens the windows of this protocol, or null. */
    public static function opening(SiteJob $job, Protocol $protocol): ?Gateway
    {
        $gateways = Gateway::query()->where('site_job_id', $job->id)->whereNotNull('url')->with('networks')->orderBy('id')->get();
        $offers = $gateways->map(static function (Gateway $gateway): HubOffer {
            $opens = array_values($gateway->networks->where('linked', true)
                ->map(static fn (Network $network): Protocol => $network->protocol)->all());

            return new HubOffer($gateway->key, $opens, $opens);
        });

        return $gateways->firstWhere('key', HubChoice::for($protocol, array_values($offers->all())));
    }

    /** The hub of this node where Kavvel reaches the node over its link, or null. */
    public static function linked(Slot $slot, Node $node): ?Gateway
    {
        $gateway = Gateway::query()->whereKey($node->gateway_id)->whereNotNull('url')->first();
        $isOpened = $gateway?->networks()->where('protocol', $node->protocol)->where('linked', true)->exists();

        return $isOpened === true && $slot->node_id === $node->id ? $gateway : null;
    }
}
