<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Siting\Spot;

/** A device that the wants of a room ask for, and nothing of the plan does. */
final readonly class Suggestion
{
    /**
     * @param  string  $id  room, place and profile: the same as long as it is asked for
     * @param  list<WantedFunction>  $functions
     * @param  string  $reason  why this one, in a sentence
     * @param  list<string>  $cautions  what is said before it is bought
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
    ) {}

    /** "sensor" of a "Window sensor" that goes to a window: the place is said once. */
    public function what(): string
    {
        $words = explode(' ', mb_strtolower($this->profile->name));
        $first = $words[0];
        $isPlace = in_array($first, ['room', 'wall', 'ceiling', 'window', 'door', 'radiator', 'socket', 'floor'], true);

        return $isPlace && count($words) > 1 ? implode(' ', array_slice($words, 1)) : implode(' ', $words);
    }
}
