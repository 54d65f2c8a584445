<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Input\InvalidInput;

/** A rectangular room as it is said while measuring: its name, clear width and depth, and perhaps its height, in metres. */
final readonly class Measured
{
    private const HEIGHTS_M = [1.0, 12.0];

    private const LONGEST_NAME = 60;

    private const NUMBER = '(\d+(?:[.,]\d+)?)';

    public function __construct(public string $name, public float $width, public float $depth, public ?float $height = null) {}

    /** @throws InvalidInput when the name or a measure is missing, or no room measures that */
    public static function parse(string $said, string $at = 'measured'): self
    {
        $height = '(?:\s*,?\s*h(?:eight)?\s*'.self::NUMBER.'\s*m?)?';
        $pattern = '/^\s*(.*?\S)\s+'.self::NUMBER.'\s*m?\s*[x×*]\s*'.self::NUMBER.'\s*m?'.$height.'\s*$/iu';
        if (preg_match($pattern, $said, $found) !== 1) {
            throw InvalidInput::outOfRange($at, 'a name and two measures, such as “kitchen 4.2 x 3.6” or “kitchen 4.2 x 3.6, h 2.4”');
        }
        [$width, $depth, $height] = array_map(
            static fn (?string $text): ?float => $text === null ? null : (float) str_replace(',', '.', $text),
            [$found[2], $found[3], $found[4] ?? null],
        );

        return self::of($found[1], (float) $width, (float) $depth, $height, $at);
    }

    /** @throws InvalidInput */
    public static function of(string $name, float $width, float $depth, ?float $height, string $at): self
    {
        if (! RoomMeasure::isOfARoom($width, $depth)) {
            throw InvalidInput::outOfRange($at, sprintf('a room of %.1f to %.0f m', RoomMeasure::NARROWEST_M, RoomMeasure::LONGEST_M));
        }
        if ($height !== null && ($height < self::HEIGHTS_M[0] || $height > self::HEIGHTS_M[1])) {
            throw InvalidInput::outOfRange($at, sprintf('a room %.0f to %.0f m high', ...self::HEIGHTS_M));
        }
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw InvalidInput::outOfRange($at, 'a room with a name of at most '.self::LONGEST_NAME.' letters');
        }

        return new self(mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1), $width, $depth, $height);
    }

    /**
     * Its outline with a corner at a place: the walls round what is clear are halved by it.
     *
     * @return list<array{float, float}>
     */
    public function outline(float $left, float $top, RoomKind $kind): array
    {
        $walls = $kind->hasWalls() ? PlanWall::THINNEST_M : 0.0;
        [$left, $top] = Shape::moved([$left, $top], 0.0, 0.0);
        [$right, $bottom] = Shape::moved([$left, $top], $this->width + $walls, $this->depth + $walls);

        return [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]];
    }
}
