<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** By what a device is the same in every box and ecosystem, whatever slot it is in: its address. */
final readonly class Mark
{
    /**
     * Whether what was done for a device stands for the one that is there now. Where nobody knew its mark it is taken for granted.
     *
     * @param  string|null  $then  mark of the device when it was done; null: it was not known
     * @param  string|null  $now  null: none is in, or nobody knows its mark
     */
    public static function stands(?string $then, ?string $now): bool
    {
        return $then === null || $now === null || $then === $now;
    }
}
