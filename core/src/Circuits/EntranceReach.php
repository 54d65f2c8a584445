<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** Whether the light of a circuit can be switched where one comes into a room, or leaves it. */
final readonly class EntranceReach
{
    /**
     * @param  string  $opening  its id
     * @param  string  $room  key of the room that is lit
     * @param  string|null  $beyond  key of the room on the other side; null: out of doors
     * @param  list<array{Control, Way}>  $within  controls in reach that switch it, the surest way first
     */
    public function __construct(
        public string $opening,
        public string $kind,
        public string $room,
        public ?string $beyond,
        public array $within,
    ) {}

    /** Null: it can't be switched there. */
    public function best(): ?Way
    {
        return $this->within[0][1] ?? null;
    }
}
