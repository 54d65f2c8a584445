<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Gateway;
use App\Models\Network;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use Kavvel\Core\Protocol\Protocol;

/** The hub that a device belongs to, where the whole sheet is not needed. */
final readonly class HubOfSlot
{
    /** The one that it goes to, where its link opens the windows of this protocol, or null. */
    public static function opening(SiteJob $job, Slot $slot, Protocol $protocol): ?Gateway
    {
        $choices = self::choices($job);
        $hub = $choices->hub($choices->of($slot, $protocol));

        return $hub?->opens($protocol) === true ? $hub->gateway : null;
    }

    /** The one whose link opens the windows of this protocol for most devices, or null. */
    public static function main(SiteJob $job, Protocol $protocol): ?Gateway
    {
        $hub = self::choices($job)->main($protocol);

        return $hub?->opens($protocol) === true ? $hub->gateway : null;
    }

    /** The hub of this node where Kavvel reaches the node over its link, or null. */
    public static function linked(Slot $slot, Node $node): ?Gateway
    {
        $gateway = Gateway::query()->whereKey($node->gateway_id)->whereNotNull('url')->first();
        $isOpened = $gateway?->networks()->where('protocol', $node->protocol)->where('linked', true)->exists();

        return $isOpened === true && $slot->node_id === $node->id ? $gateway : null;
    }

    private static function choices(SiteJob $job): HubChoices
    {
        $gateways = $job->gateways()->with('networks')->orderBy('id')->get();

        return new HubChoices(array_values($gateways->map(static fn (Gateway $gateway): Hub => new Hub(
            $gateway,
            '',
            self::protocols($gateway, false),
            $gateway->url === null ? [] : self::protocols($gateway, true),
        ))->all()));
    }

    /** @return list<Protocol> */
    private static function protocols(Gateway $gateway, bool $linkedOnly): array
    {
        $networks = $linkedOnly ? $gateway->networks->where('linked', true) : $gateway->networks;

        return array_values($networks->map(static fn (Network $network): Protocol => $network->protocol)->all());
    }
}
