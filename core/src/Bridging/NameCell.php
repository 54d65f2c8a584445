<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** The name and the room of one device in one ecosystem: as they will arrive, or as they were read there. */
final readonly class NameCell
{
    /** To set a name or a room in an ecosystem by hand, in seconds (assumption) */
    private const SECONDS = 30;

    /**
     * @param  string  $shows  the name that it has there or will have; empty: a code of its kind
     * @param  bool  $isSeen  it was read there, or set there by somebody who said so
     * @param  bool  $answers  as far as was seen
     */
    private function __construct(
        public Meant $meant,
        public string $shows,
        public ?string $room,
        public bool $isSeen,
        public bool $isNameRight,
        public bool $isRoomRight,
        public bool $answers,
    ) {}

    /** Before it is there: what the hops hand on, as far as the ecosystem takes it. */
    public static function expected(Meant $meant, ?int $nameLength): self
    {
        $arrives = $meant->copies->hasName() ? (string) $meant->source : '';
        $shows = $nameLength === null ? $arrives : mb_substr($arrives, 0, $nameLength);

        return self::holding($meant, $shows, $meant->copies->hasRoom() ? $meant->room : null, false);
    }

    public static function seen(Meant $meant, string $name, ?string $room, bool $answers = true): self
    {
        return self::holding($meant, $name, $room, true, $answers);
    }

    /** Seconds to set by hand what is not right. */
    public function seconds(): int
    {
        return self::SECONDS * ((int) ! $this->isNameRight + (int) ! $this->isRoomRight);
    }

    public function isRight(): bool
    {
        return $this->isNameRight && $this->isRoomRight;
    }

    /** A name is given at the source first: what is set here is set again when that one changes. */
    public function waitsForSource(): bool
    {
        return $this->meant->source === null;
    }

    /**
     * Whether it is work now: something is wrong that can be put right there.
     *
     * @param  bool  $isLinked  its link is made
     * @param  bool  $isRead  what shows there was read: what was not seen then is not there
     */
    public function isWork(bool $isLinked, bool $isRead): bool
    {
        $canBeMended = ! $this->isRoomRight || (! $this->isNameRight && $this->meant->name !== null);

        return $isLinked && $canBeMended && ! $this->waitsForSource() && ($this->isSeen || ! $isRead);
    }

    /** @param array<array-key, self> $cells */
    public static function minutes(array $cells): int
    {
        return (int) ceil(array_sum(array_map(static fn (self $one): int => $one->seconds(), $cells)) / 60);
    }

    private static function holding(Meant $meant, string $shows, ?string $room, bool $isSeen, bool $answers = true): self
    {
        $isRoom = $room !== null && mb_strtolower(trim($room)) === mb_strtolower(trim($meant->room));

        $isName = $meant->name !== null && trim($shows) === $meant->name;

        return new self($meant, $shows, $room, $isSeen, $isName, $isRoom, $answers);
    }
}
