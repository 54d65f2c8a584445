<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** How one device of a model came in: all its tries up to the one that let it in. */
final readonly class Tried
{
    /**
     * @param  list<AttemptState>  $failures  how the tries before ended
     * @param  list<string>  $missing  capabilities that a try did not find
     */
    public function __construct(public int $tries, public float $minutes, public array $failures, public array $missing) {}
}
