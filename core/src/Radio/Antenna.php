<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Closure;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Site\Vec3;

/** An antenna of the plan as RadioCheck looks at it. */
final readonly class Antenna
{
    /**
     * @param  string|null  $slot  null: the gateway
     * @param  string  $title  in the middle of a sentence: "landing siren"
     * @param  list<Protocol>  $protocols  what is spoken over it
     * @param  Region|null  $region  Z-Wave region that it is made for, where it says one
     */
    public function __construct(
        public ?string $slot,
        public string $title,
        public Vec3 $position,
        public array $protocols,
        public ?Transceiver $radio = null,
        public ?Region $region = null,
        public ?Reporting $reporting = null,
    ) {}

    public function hasRegion(): bool
    {
        return $this->speaksOne(static fn (Protocol $protocol): bool => $protocol->rules()->hasRegions());
    }

    public function isDrownedAt2400MHz(): bool
    {
        return $this->speaksOne(static fn (Protocol $protocol): bool => $protocol->rules()->isDrownedAt2400MHz());
    }

    /** @param Closure(Protocol): bool $such */
    private function speaksOne(Closure $such): bool
    {
        return array_filter($this->protocols, $such) !== [];
    }
}
