<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** One key of a control, pressed in one way, and the light that it acts on. */
final readonly class Grip
{
    /** @param string|null $room key of the room whose light it switches; null: all of the circuit */
    public function __construct(
        public string $control,
        public int $number,
        public Press $press,
        public string $circuit,
        public KeyEffect $effect,
        public Way $way,
        public ?string $room = null,
    ) {}
}
