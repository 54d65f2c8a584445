<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Gateway;
use App\Plan\PlanHub;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\HubOffer;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\Vec3;

/** A hub of the job, with where it stands and what it speaks. */
final readonly class Hub
{
    /**
     * @param  list<Protocol>  $speaks
     * @param  list<Protocol>  $opens  whose windows it opens over its link
     */
    public function __construct(public Gateway $gateway, public string $storey, public array $speaks, public array $opens) {}

    public function key(): string
    {
        return $this->gateway->key;
    }

    public function place(): Vec3
    {
        return new Vec3($this->gateway->x, $this->gateway->y, $this->gateway->z);
    }

    /** Where it stands, so that a reading can tell whether it stood there. */
    public function standing(): string
    {
        return sprintf('%s %.2f %.2f %.2f', $this->key(), $this->gateway->x, $this->gateway->y, $this->gateway->z);
    }

    public function isLinked(): bool
    {
        return $this->gateway->url !== null;
    }

    public function opens(Protocol $protocol): bool
    {
        return in_array($protocol, $this->opens, true);
    }

    public function silentSince(): ?Carbon
    {
        return $this->gateway->silentSince();
    }

    public function planHub(): PlanHub
    {
        return new PlanHub($this->key(), $this->storey, $this->gateway->x, $this->gateway->y);
    }

    public function offer(): HubOffer
    {
        return new HubOffer($this->key(), $this->speaks, $this->opens, $this->place());
    }
}
