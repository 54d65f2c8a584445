<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Slot;
use Kavvel\Core\Pairing\HubChoice;
use Kavvel\Core\Pairing\HubOffer;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\Vec3;

/** Which of these hubs each device goes to. */
final readonly class HubChoices
{
    /** @var list<HubOffer> */
    private array $offers;

    /** @param list<Hub> $hubs in the order of the plan */
    public function __construct(private array $hubs)
    {
        $this->offers = array_map(static fn (Hub $hub): HubOffer => $hub->offer(), $hubs);
    }

    public function of(Slot $slot, Protocol $protocol): HubChoice
    {
        // Read as stored: a page asks for these thousands of times.
        $stored = $slot->getAttributes();
        $place = new Vec3((float) $stored['x'], (float) $stored['y'], (float) $stored['z']);

        return HubChoice::of($protocol, $place, $this->offers, $this->keyOf($stored['gateway_id'] ?? null));
    }

    public function main(Protocol $protocol): ?Hub
    {
        return $this->byKey(HubChoice::mainOf($protocol, $this->offers));
    }

    public function hub(HubChoice $choice): ?Hub
    {
        return $this->byKey($choice->hub);
    }

    private function byKey(?string $key): ?Hub
    {
        foreach ($this->hubs as $hub) {
            if ($hub->key() === $key) {
                return $hub;
            }
        }

        return null;
    }

    private function keyOf(?int $gatewayId): ?string
    {
        foreach ($this->hubs as $hub) {
            if ($hub->gateway->id === $gatewayId) {
                return $hub->key();
            }
        }

        return null;
    }
}
