<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** How far a function that is wanted in a room is served by the plan. */
final readonly class WantStanding
{
    /**
     * @param  list<string>  $slots  that do it
     * @param  int  $missing  how many devices it lacks: one, or one for each window and door that has none and is not left out
     */
    public function __construct(public string $room, public WantedFunction $function, public array $slots, public int $missing) {}

    public function isServed(): bool
    {
        return $this->missing === 0;
    }
}
