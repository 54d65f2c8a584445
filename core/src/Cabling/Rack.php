<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

/** What the rack has to hold for its cables, with a fifth to spare (assumptions: sizes as they are usually had). */
final readonly class Rack
{
    private const PORTS_OF_A_PANEL = 24;

    private const SPARE = 1.2;

    /** Shelf, power strip, router and cable tidies */
    private const OTHER_UNITS = 4;

    /** A switch itself, in watts */
    private const SWITCH_W = 20.0;

    private const OTHER_W = 40.0;

    /** Of what is fed over data cables so much becomes heat in the rack */
    private const LOST_SHARE = 0.15;

    private function __construct(
        public int $dataPorts,
        public int $panels,
        public int $units,
        public float $feedsW,
        public float $powerW,
        public float $heatW,
    ) {}

    /** @param list<WiredPoint> $points */
    public static function of(array $points): self
    {
        $data = array_filter($points, static fn (WiredPoint $one): bool => $one->cable->isData());
        $ports = array_sum(array_map(static fn (WiredPoint $one): int => $one->count, $data));
        $feeds = array_sum(array_map(static fn (WiredPoint $one): float => $one->watts(), $data));
        $panels = (int) ceil($ports * self::SPARE / self::PORTS_OF_A_PANEL - 1e-9);
        $own = $panels * self::SWITCH_W + ($points === [] ? 0.0 : self::OTHER_W);

        return new self(
            $ports,
            $panels,
            $points === [] ? 0 : (int) ceil((2 * $panels + self::OTHER_UNITS) * self::SPARE - 1e-9),
            $feeds,
            $own + $feeds * (1 + self::LOST_SHARE),
            $own + $feeds * self::LOST_SHARE,
        );
    }
}
