<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** How often a button must be pressed before its reliability can be judged. */
final readonly class ReliabilityTrial
{
    /** Two-sided 95 % of the normal distribution */
    private const Z_95 = 1.959963984540054;

    private const NOISE = 1e-9;

    private const CONFIDENCE = 0.9;

    private function __construct(public float $low, public float $high, public string $verdict) {}

    /** The smallest number of presses without a miss that shows this reliability: 1 − Rⁿ ≥ C. Both between 0 and 1. */
    public static function trialsFor(float $reliability, float $confidence): int
    {
        $trials = max(1, (int) floor(log(1 - $confidence) / log($reliability)) - 1);
        while (1 - $reliability ** $trials < $confidence - self::NOISE) {
            $trials++;
        }

        return $trials;
    }

    /** Wilson score interval of hits out of trials, and what it says against the target. */
    public static function judge(int $hits, int $trials, float $target): self
    {
        $share = $hits / $trials;
        $z2 = self::Z_95 ** 2;
        $middle = ($share + $z2 / (2 * $trials)) / (1 + $z2 / $trials);
        $half = self::Z_95 / (1 + $z2 / $trials) * sqrt($share * (1 - $share) / $trials + $z2 / (4 * $trials ** 2));
        $low = max(0.0, $middle - $half);
        $high = min(1.0, $middle + $half);
        $enoughWithoutMiss = $hits === $trials && $trials >= self::trialsFor($target, self::CONFIDENCE);

        return new self($low, $high, match (true) {
            $low >= $target, $enoughWithoutMiss => 'pass',
            $high < $target => 'fail',
            default => 'more',
        });
    }
}
