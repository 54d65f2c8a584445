<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** How far each edge of each room moves in an edit, in metres. What stays is not named. */
final readonly class Carry
{
    /** @param array<string, array{float, float}> $moves by room and edge */
    private function __construct(private array $moves) {}

    public static function nothing(): self
    {
        return new self([]);
    }

    public static function wholeRoom(Room $room, float $dx, float $dy): self
    {
        $carry = self::nothing();
        foreach (array_keys($room->outline) as $edge) {
            $carry = $carry->with($room->key, $edge, $dx, $dy);
        }

        return $carry;
    }

    public function with(string $room, int $edge, float $dx, float $dy): self
    {
        return new self([...$this->moves, (new Side($room, $edge))->name() => [$dx, $dy]]);
    }

    /** @return array{float, float} */
    public function of(Side $side): array
    {
        return $this->moves[$side->name()] ?? [0.0, 0.0];
    }
}
