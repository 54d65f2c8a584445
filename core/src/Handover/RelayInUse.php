<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

/** A device that is in and passes messages on, or feeds what must stay on. */
final readonly class RelayInUse
{
    /**
     * @param  bool  $isRemovable  it can be unplugged or switched off at a wall switch
     * @param  bool  $relays  for its neighbours
     * @param  string|null  $feeds  what hangs on it and must stay on
     */
    public function __construct(public string $id, public bool $isRemovable, public bool $relays = true, public ?string $feeds = null) {}
}
