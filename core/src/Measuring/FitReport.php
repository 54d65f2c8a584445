<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** Whether something can be bought for a door or window, and what to see to. */
final readonly class FitReport
{
    /**
     * @param  list<FitFinding>  $findings
     * @param  list<string>  $cautions
     */
    public function __construct(public array $findings, public array $cautions) {}

    /** What does not fit decides; then what nobody has measured. */
    public function verdict(): Fit
    {
        foreach ([Fit::No, Fit::Unmeasured] as $fit) {
            if ($this->all($fit) !== []) {
                return $fit;
            }
        }

        return Fit::Fits;
    }

    /** @return list<FitFinding> */
    public function all(Fit $fit): array
    {
        return array_values(array_filter($this->findings, static fn (FitFinding $one): bool => $one->fit === $fit));
    }
}
