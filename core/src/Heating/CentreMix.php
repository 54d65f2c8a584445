<?php

declare(strict_types=1);

namespace Kavvel\Core\Heating;

/** Wiring centres for four and for eight zones: the cheapest mix that holds them all (RULES 9.6). */
final readonly class CentreMix
{
    private const SMALL = 4;

    private const LARGE = 8;

    private function __construct(public int $small, public int $large, public float $cost, public int $spare) {}

    /** Among equal costs the fewest boxes, then the fewest spare outputs. */
    public static function of(int $zones, float $priceSmall, float $priceLarge): self
    {
        $best = null;
        for ($large = 0; $large <= intdiv($zones + self::LARGE - 1, self::LARGE); $large++) {
            $small = intdiv(max(0, $zones - $large * self::LARGE) + self::SMALL - 1, self::SMALL);
            $mix = new self(
                $small,
                $large,
                $small * $priceSmall + $large * $priceLarge,
                $small * self::SMALL + $large * self::LARGE - $zones,
            );
            if ($best === null || $mix->merit() < $best->merit()) {
                $best = $mix;
            }
        }

        return $best ?? new self(0, 0, 0.0, 0);
    }

    /** @return array{float, int, int} */
    private function merit(): array
    {
        return [$this->cost, $this->small + $this->large, $this->spare];
    }
}
