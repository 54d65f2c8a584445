<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** A function that is wanted in a room, and that nothing would serve. */
final readonly class UnmetWant
{
    /** @param bool $isOfThePlan  the plan lacks what it would be at */
    public function __construct(
        public string $room,
        public WantedFunction $function,
        public string $because,
        public bool $isOfThePlan = false,
    ) {}
}
