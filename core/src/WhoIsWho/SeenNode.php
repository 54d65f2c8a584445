<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

/** An entry of a hub's list: what it is called there, and when it was heard. */
final readonly class SeenNode
{
    /**
     * @param  int|null  $heardAt  Unix seconds
     * @param  string|null  $slot  key of the slot that it is the device of; null: it is nobody’s
     * @param  bool  $isGivenUp  it was replaced, and has not been heard since
     */
    public function __construct(
        public string $id,
        public ?string $label,
        public ?int $heardAt,
        public ?string $slot,
        public bool $isGivenUp,
    ) {}
}
