<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusAddress;
use Kavvel\Core\Bus\PointHeard;

/** A control point of a job’s bus: what was heard of it, the planned device that it is, and what our hub was told to say. */
final readonly class BusPoint
{
    /** @param list<BusAddress> $addresses */
    public function __construct(public PointHeard $heard, public ?int $slotId, private array $addresses) {}

    public function name(): string
    {
        return $this->heard->point->name;
    }

    public function key(): string
    {
        return $this->heard->point->key($this->name());
    }

    /** Why our hub did not say what it was told to; null: nothing speaks against it. */
    public function refused(): ?string
    {
        foreach ($this->addresses as $address) {
            if ($address->send_refused !== null) {
                return $address->send_refused;
            }
        }

        return null;
    }
}
