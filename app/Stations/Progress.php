<?php

declare(strict_types=1);

namespace App\Stations;

/** How far the work of a station is: the share that is done, and what is open, in words where anything is. */
final readonly class Progress
{
    public function __construct(public float $share, public int $open, public string $words) {}

    /** @param string $word what one open thing is called */
    public static function counting(float $share, int $open, string $word): self
    {
        return new self($share, $open, match ($open) {
            0 => '',
            1 => "1 {$word}",
            default => "{$open} {$word}s",
        });
    }

    public function isClear(): bool
    {
        return $this->open === 0 && $this->share >= 1.0;
    }
}
