<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

/** One unspliced cable. Lengths are whole decimetres, so that sums stay exact. */
final readonly class CableRun
{
    /** Bends and detours (assumption) */
    private const DETOUR = 1.10;

    private const SPARE_AT_POINT_M = 1.0;

    private const SPARE_AT_RACK_M = 3.0;

    private const NEAR_M = 1e-9;

    /** A permanent data link (ISO/IEC 11801) */
    private const LONGEST_DATA_DM = 900;

    private function __construct(public string $id, public string $cable, public int $decimetres, public bool $isData) {}

    public static function along(string $id, string $cable, float $wayM, bool $isData): self
    {
        $length = $wayM * self::DETOUR + self::SPARE_AT_POINT_M + self::SPARE_AT_RACK_M;

        return new self($id, $cable, (int) ceil(10.0 * ($length - self::NEAR_M)), $isData);
    }

    public function lengthM(): float
    {
        return $this->decimetres / 10;
    }

    public function isTooLong(): bool
    {
        return $this->isData && $this->decimetres > self::LONGEST_DATA_DM;
    }
}
