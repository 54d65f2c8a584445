<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Siting\Spot;

/** A device that the wants of a room ask for, and nothing of the plan does. */
final readonly class Suggestion
{
    private const PLACES = ['room', 'wall', 'ceiling', 'window', 'door', 'radiator', 'socket', 'floor'];

    /**
     * @param  string  $id  room, place and profile: the same as long as it is asked for
     * @param  list<WantedFunction>  $functions
     * @param  string  $reason  why this one, in a sentence
     * @param  list<string>  $cautions  what is said before it is bought
     * @param  list<string>  $demands  keys of what it would serve
     */
    public function __construct(
        public string $id,
        public string $room,
        public Profile $profile,
        public Spot $spot,
        public array $functions,
        public string $reason,
        public array $cautions,
        public ?float $bestDb,
        public array $demands = [],
    ) {}

    /** Where it goes, unless its own name says so: a doorbell is at the door. */
    public function place(): string
    {
        return str_starts_with($this->what(), explode(' ', $this->spot->called)[0]) ? '' : $this->spot->called;
    }

    /** "sensor" of a "Window sensor" that goes to a window: the place is said once. */
    public function what(): string
    {
        $words = explode(' ', mb_strtolower($this->profile->name));

        return count($words) > 1 && in_array($words[0], self::PLACES, true) ? implode(' ', array_slice($words, 1)) : implode(' ', $words);
    }

    public function title(): string
    {
        return trim("{$this->place()} {$this->what()}");
    }
}
