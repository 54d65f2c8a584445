<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** One try to let a device in, that is over. */
final readonly class Attempt
{
    /**
     * @param  float  $minutes  that it took; 0 where nobody knows
     * @param  list<string>  $missing  capabilities that it did not find
     */
    public function __construct(public AttemptState $state, public float $minutes = 0.0, public array $missing = []) {}
}
