<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** How long a command takes over the boxes of a way, beside the radio of the device (RULES 2.6, assumption). */
final readonly class Response
{
    private const CLOUD_MS = [400, 1500];

    private function __construct(public float $leastMs, public float $mostMs) {}

    public static function of(Way $way): self
    {
        return new self(
            $way->latencyMs + $way->cloudHops * self::CLOUD_MS[0],
            $way->latencyMs + $way->cloudHops * self::CLOUD_MS[1],
        );
    }

    /** "30 ms", "0.4 to 1.5 s" */
    public function words(): string
    {
        return match (true) {
            $this->mostMs === 0.0 => 'at once',
            $this->leastMs === $this->mostMs && $this->mostMs < 1000 => round($this->mostMs).' ms',
            $this->leastMs === $this->mostMs => self::seconds($this->mostMs).' s',
            default => self::seconds($this->leastMs).' to '.self::seconds($this->mostMs).' s',
        };
    }

    private static function seconds(float $ms): string
    {
        return number_format($ms / 1000, 1);
    }
}
