<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\Wire;

/** A device of which something is still to be done on site. */
final readonly class VanSlot
{
    /**
     * @param  string|null  $circuit  that has to be off while it is fitted; null: none, or nobody has said which
     * @param  float  $heightM  above the floor of its storey
     * @param  list<Stage>  $open  what is still to be done
     * @param  BoxFit|null  $fit  in its box, where somebody has looked
     * @param  list<Wire>  $wires  of its box, as far as they are noted
     */
    public function __construct(
        public string $key,
        public string $room,
        public ?string $circuit,
        public Profile $profile,
        public float $heightM,
        public array $open,
        public ?BoxFit $fit = null,
        public array $wires = [],
    ) {}

    /** It is still in its carton. */
    public function isToBring(): bool
    {
        return in_array(Stage::Fit, $this->open, true) || in_array(Stage::Pair, $this->open, true);
    }

    public function isToWire(): bool
    {
        return $this->profile->fitSheet !== null && in_array(Stage::Fit, $this->open, true);
    }

    public function minutes(): int
    {
        return array_sum(array_map(fn (Stage $stage): int => $stage->minutesOf($this->profile->minutes), $this->open));
    }
}
