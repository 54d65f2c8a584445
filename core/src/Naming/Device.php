<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Protocol\Protocol;

/** What a name is made of. Protocol null: one that carries no names. Given: the name that a person gave it. */
final readonly class Device
{
    public function __construct(
        public string $id,
        public string $room,
        public string $place,
        public string $what,
        public ?Protocol $protocol,
        public ?string $given = null,
    ) {}

    public function called(string $name): self
    {
        return new self($this->id, $this->room, $this->place, $this->what, $this->protocol, $name);
    }

    /** What is said of it within its room: a given name without the room in front, else place and what. */
    public function withinRoom(): string
    {
        if ($this->given === null) {
            return Text::squeeze("{$this->place} {$this->what}");
        }
        $room = Text::squeeze($this->room).' ';

        $length = mb_strlen($room, 'UTF-8');
        $isLed = $room !== ' ' && mb_stripos($this->given, $room, 0, 'UTF-8') === 0;

        return $isLed && mb_strlen($this->given, 'UTF-8') > $length
            ? mb_substr($this->given, $length, null, 'UTF-8')
            : $this->given;
    }
}
