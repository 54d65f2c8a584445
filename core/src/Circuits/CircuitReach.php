<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** Where the light of one circuit can be switched. */
final readonly class CircuitReach
{
    /**
     * @param  list<EntranceReach>  $entrances
     * @param  list<Way>  $ways  of all its controls, wherever they are
     */
    public function __construct(public Circuit $circuit, public array $entrances, public array $ways) {}

    /** @return list<EntranceReach> where one stands in the dark */
    public function dark(): array
    {
        return array_values(array_filter($this->entrances, static fn (EntranceReach $one): bool => $one->best() === null));
    }

    public function worksWithoutHub(): bool
    {
        return array_filter($this->ways, static fn (Way $way): bool => $way->worksWithoutHub()) !== [];
    }
}
