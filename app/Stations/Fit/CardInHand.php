<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use Kavvel\Core\Fit\Alternative;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\FitTask;
use Kavvel\Core\Fit\FittingStop;
use Kavvel\Core\Fit\WorkStep;

/** The device that the card is about, and what is done there now. */
final readonly class CardInHand
{
    /**
     * @param  WorkStep|null  $step  at its box, where its circuit is worked on
     * @param  FitLens  $lens  what the middle shows unless something else is asked for
     * @param  list<Alternative>  $alternatives  other devices that would go in
     * @param  list<string>  $cautions  of its box and its room
     * @param  list<string>  $tools  to have at hand
     * @param  CircuitWork|null  $ended  the last work at its circuit, once it is live again
     * @param  list<WallSlot>  $unsettled  others of its circuit that are not ready: it would be off twice
     */
    public function __construct(
        public WallSlot $slot,
        public FittingStop $stop,
        public FitTask $task,
        public ?WorkStep $step,
        public FitLens $lens,
        public array $alternatives,
        public array $unsettled,
        public string $person,
        public ?CircuitWork $ended,
        public array $cautions,
        public array $tools,
    ) {}

    public function key(): string
    {
        return $this->slot->key();
    }
}
