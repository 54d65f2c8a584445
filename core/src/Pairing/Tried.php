<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** How one device of a model came in: all its tries up to the last that let it in. */
final readonly class Tried
{
    /**
     * @param  list<AttemptState>  $failures  how the tries before ended
     * @param  list<string>  $missing  capabilities that a try did not find
     */
    public function __construct(public int $tries, public float $minutes, public array $failures, public array $missing) {}

    /**
     * Null where none let it in: what is still open is no experience yet. A try that was stopped by hand says nothing of the device.
     *
     * @param  list<Attempt>  $attempts  of one device, oldest first
     */
    public static function of(array $attempts): ?self
    {
        while ($attempts !== [] && end($attempts)->state !== AttemptState::Joined) {
            array_pop($attempts);
        }
        if ($attempts === []) {
            return null;
        }
        $failed = array_values(array_filter($attempts, static fn (Attempt $one): bool => $one->state->isFailure()));

        return new self(
            count($failed) + 1,
            array_sum(array_map(static fn (Attempt $one): float => $one->minutes, $attempts)),
            array_map(static fn (Attempt $one): AttemptState => $one->state, $failed),
            array_merge(...array_map(static fn (Attempt $one): array => $one->missing, $failed)),
        );
    }
}
