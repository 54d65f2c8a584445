<?php

declare(strict_types=1);

namespace App\Radio;

use App\Models\MeshReading;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\CrossingLoss;

/** Two radios of one network as the plan has them, without furniture and people between. */
final readonly class PlannedPair
{
    /**
     * @param  int  $gatewayId  of the hub whose network it is
     * @param  list<string>  $through  what stands between them, as a person calls it
     */
    private function __construct(
        public Protocol $protocol,
        public int $gatewayId,
        public RadioEnd $a,
        public RadioEnd $b,
        public Link $bare,
        public float $distanceM,
        public array $through,
    ) {}

    public static function of(MeshReading $reading, RadioEnd $a, RadioEnd $b, RadioPlan $bare): self
    {
        $forecast = $bare->forecast($a, $b);
        $labels = array_map(static fn (CrossingLoss $loss): string => $loss->crossing->part->label, $forecast->crossed);

        return new self(
            $reading->protocol,
            $reading->gateway_id,
            $a,
            $b,
            RadioPlan::bothWaysOf($a, $b, $forecast),
            $forecast->distanceM,
            array_values(array_unique(array_filter($labels, static fn (string $label): bool => $label !== ''))),
        );
    }

    public function id(): string
    {
        return "{$this->protocol->value} {$this->a->key} {$this->b->key}";
    }

    /** Relays of a radio that is no mesh don’t listen to each other. */
    public function isBetweenRelays(): bool
    {
        return $this->protocol->rules()->routes() !== null && $this->a->asNode()->relays() && $this->b->asNode()->relays();
    }
}
