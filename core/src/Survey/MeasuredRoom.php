<?php

declare(strict_types=1);

namespace Kavvel\Core\Survey;

use Kavvel\Core\Input\InvalidInput;

/** A rectangular room as it is said while measuring: its name, then width and depth in metres. */
final readonly class MeasuredRoom
{
    /** No room of a house is longer, and none is narrower than a cupboard, in metres (assumption) */
    private const LONGEST_M = 60.0;

    private const NARROWEST_M = 0.3;

    private function __construct(public string $name, public float $width, public float $depth) {}

    /** @throws InvalidInput when the name or a measure is missing, or no room measures that */
    public static function parse(string $said): self
    {
        if (preg_match('/^\s*(.*?\S)\s+(\d+(?:[.,]\d+)?)\s*[x×*]\s*(\d+(?:[.,]\d+)?)\s*m?\s*$/iu', $said, $found) !== 1) {
            throw InvalidInput::outOfRange('measured', 'a name and two measures, such as “kitchen 4.2 x 3.6”');
        }
        [$width, $depth] = array_map(static fn (string $text): float => (float) str_replace(',', '.', $text), [$found[2], $found[3]]);
        foreach ([$width, $depth] as $metres) {
            if ($metres < self::NARROWEST_M || $metres > self::LONGEST_M) {
                throw InvalidInput::outOfRange('measured', sprintf('a room of %.1f to %.0f m', self::NARROWEST_M, self::LONGEST_M));
            }
        }

        return new self(mb_strtoupper(mb_substr($found[1], 0, 1)).mb_substr($found[1], 1), $width, $depth);
    }

    /**
     * Its corners where it stands to the right of what is measured already.
     *
     * @param  list<array{float, float}>  $others  corners of the rooms that are there
     * @return list<array{float, float}>
     */
    public function beside(array $others): array
    {
        $left = $others === [] ? 0.0 : max(array_column($others, 0));
        $top = $others === [] ? 0.0 : min(array_column($others, 1));

        return [
            [$left, $top],
            [$left + $this->width, $top],
            [$left + $this->width, $top + $this->depth],
            [$left, $top + $this->depth],
        ];
    }
}
