<?php

declare(strict_types=1);

namespace App\Plan;

use Kavvel\Core\Radio\Margin;

/** A link to be drawn between two slots (or the gateway, as its own key), in dB; a forecast is dotted ink. */
final readonly class LensLink
{
    public const GATEWAY = '@gateway';

    private function __construct(public string $from, public string $to, public float $marginDb, public string $kind) {}

    public static function measured(string $from, string $to, float $marginDb, float $acceptanceDb): self
    {
        return new self($from, $to, $marginDb, match (true) {
            $marginDb >= $acceptanceDb => 'accepted',
            $marginDb >= Margin::THIN_DB => 'thin',
            default => 'lost',
        });
    }

    public static function forecast(string $from, string $to, float $marginDb): self
    {
        return new self($from, $to, $marginDb, 'forecast');
    }

    public function text(): string
    {
        $decibels = Margin::text($this->marginDb);

        return match ($this->kind) {
            'forecast' => "{$decibels} forecast",
            'accepted' => $decibels,
            default => "{$decibels} · {$this->kind}",
        };
    }

    /** Heavier where the margin is larger, in metres. */
    public function strokeWidth(): float
    {
        return match ($this->kind) {
            'accepted' => round(min(0.13, 0.05 + max(0.0, $this->marginDb - Margin::ACCEPTED_DB) * 0.003), 3),
            'thin' => 0.06,
            'lost' => 0.05,
            default => 0.07,
        };
    }
}
