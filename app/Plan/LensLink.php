<?php

declare(strict_types=1);

namespace App\Plan;

use Kavvel\Core\Radio\Margin;

/** A link to be drawn between two slots (or a hub, by its link key), in dB; a forecast is dotted ink. */
final readonly class LensLink
{
    private function __construct(public string $from, public string $to, public float $marginDb, public string $kind) {}

    public static function measured(string $from, string $to, float $marginDb, float $acceptanceDb): self
    {
        $word = Margin::of($marginDb, $acceptanceDb);

        return new self($from, $to, $marginDb, $word->isAccepted() ? 'accepted' : $word->value);
    }

    public static function forecast(string $from, string $to, float $marginDb): self
    {
        return new self($from, $to, $marginDb, 'forecast');
    }

    /** Something that the plan does not show is in its way: by so much worse it is. */
    public static function hidden(string $from, string $to, float $worseDb): self
    {
        return new self($from, $to, -$worseDb, 'hidden');
    }

    /** A hub's key among those of the slots. */
    public static function hub(string $key): string
    {
        return "@{$key}";
    }

    public function text(): string
    {
        $decibels = Margin::text($this->marginDb);

        return match ($this->kind) {
            'forecast' => "{$decibels} forecast",
            'hidden' => Margin::text(-$this->marginDb).' worse',
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
