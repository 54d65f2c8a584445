<?php

declare(strict_types=1);

namespace App\Stations;

use App\Plan\Lens;
use Closure;

/** What a station has to say: its card on the right, its lens over the plan, and the slot it is about. */
final readonly class Move
{
    /**
     * @param  string  $view  the Blade file of the card
     * @param  Closure(): array<string, mixed>  $data  for that file; asked for only when the card is shown
     * @param  string|null  $slot  key of the slot that the move is about
     * @param  bool  $isLive  something is under way: the page follows closely
     * @param  Middle|null  $middle  what stands in the middle; null: the plan with its slots
     * @param  array<string, string>  $lenses  what the middle may show, titles by word; none: there is no choice
     * @param  string|null  $chosenLens  which of them it shows
     * @param  SubLenses|null  $within  what may be shown under that key
     * @param  bool  $followsWork  where nothing is chosen the middle shows what the work is about, and not the first
     * @param  bool  $isOwn  another person is shown another card
     */
    public function __construct(
        public string $view,
        public Closure $data,
        public Lens $lens,
        public Legend $legend = new Legend,
        public ?string $slot = null,
        public bool $isLive = false,
        public ?Middle $middle = null,
        public array $lenses = [],
        public ?string $chosenLens = null,
        public ?SubLenses $within = null,
        public bool $followsWork = false,
        public bool $isOwn = false,
    ) {}
}
