<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

use Kavvel\Core\Input\InvalidInput;

/** How often a button must be pressed before its reliability can be judged. */
final readonly class ReliabilityTrial
{
    /** Two-sided 95 % of the normal distribution */
    private const Z_95 = 1.959963984540054;

    private const NOISE = 1e-9;

    /** Whole numbers beyond this are not told apart */
    private const MOST_TRIALS = 9_007_199_254_740_992;

    private const CONFIDENCE = 0.9;

    private function __construct(public float $low, public float $high, public string $verdict) {}

    /** The smallest number of presses without a miss that shows this reliability: 1 − Rⁿ ≥ C. Both between 0 and 1. */
    public static function trialsFor(float $reliability, float $confidence): int
    {
        $most = 1 - $confidence + self::NOISE;
        $trials = $most >= 1 ? 1.0 : max(1.0, ceil(log($most) / log($reliability)));
        // The logarithm is off by a rounding at most.
        while ($trials > 1 && $reliability ** ($trials - 1) <= $most) {
            $trials--;
        }
        while ($reliability ** $trials > $most) {
            $trials++;
        }
        if ($trials > self::MOST_TRIALS) {
            throw InvalidInput::outOfRange('$.reliability', 'less: no number of trials shows it');
        }

        return (int) $trials;
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
