<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wants;

use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;

/** One room, one function: from where it is wanted, and how far it is served. */
final readonly class WantCell
{
    /**
     * @param  list<WantedFrom>  $from  each once
     * @param  bool  $isPressed  wanted by whom and from where the pen says
     * @param  string  $state  "", "open", "left-out", "planned" or "in"
     */
    public function __construct(
        public string $room,
        public string $roomName,
        public WantedFunction $function,
        public array $from,
        public bool $isPressed,
        public string $state,
    ) {}

    /** "hub, voice"; of more than two the first and how many */
    public function text(): string
    {
        $words = array_map(static fn (WantedFrom $from): string => $from->short(), $this->from);

        return count($words) > 2 ? "{$words[0]} +".(count($words) - 1) : implode(', ', $words);
    }

    /** What it says to who can't see it. */
    public function words(): string
    {
        $from = array_map(static fn (WantedFrom $from): string => mb_strtolower($from->words()), $this->from);

        return "{$this->roomName}: {$this->function->words()}".match ($this->state) {
            'open' => ', wanted from '.implode(', ', $from).', nothing does it yet',
            'left-out' => ', wanted from '.implode(', ', $from).', left out',
            'planned' => ', wanted from '.implode(', ', $from).', planned',
            'in' => ', wanted from '.implode(', ', $from).', the device is in',
            default => '',
        };
    }
}
