<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Catalogue\Load;

/** A circuit as its label and its breaker say. */
final readonly class Circuit
{
    /**
     * @param  float|null  $breakerA  what its breaker is rated for
     * @param  string|null  $rcd  the residual-current device it is behind; null: none noted
     * @param  string|null  $phase  null: not noted
     * @param  list<string>  $rooms  keys
     * @param  string|null  $channel  of the panel that feeds its light; null: it is fed from the board
     * @param  float|null  $channelW  what that channel bears
     * @param  list<Lamps>  $lamps
     */
    public function __construct(
        public string $key,
        public string $label,
        public CircuitKind $kind,
        public string $breaker = '',
        public ?float $breakerA = null,
        public ?string $rcd = null,
        public ?string $phase = null,
        public array $rooms = [],
        public ?string $channel = null,
        public ?float $channelW = null,
        public array $lamps = [],
    ) {}

    /** Whether a device in this room that switches such a thing may hang on it. */
    public function mayFeed(string $room, ?Load $load): bool
    {
        return in_array($room, $this->rooms, true) && $this->kind->feeds($load);
    }

    public function lampWatts(): float
    {
        return array_sum(array_map(static fn (Lamps $lamps): float => $lamps->allWatts(), $this->lamps));
    }

    public function lampCount(): int
    {
        return array_sum(array_map(static fn (Lamps $lamps): int => $lamps->count, $this->lamps));
    }

    /** @return list<string> rooms that it lights: those of its lamps, or all of its own where no lamps are noted */
    public function litRooms(): array
    {
        return $this->lamps === []
            ? $this->rooms
            : array_values(array_unique(array_map(static fn (Lamps $lamps): string => $lamps->room, $this->lamps)));
    }
}
