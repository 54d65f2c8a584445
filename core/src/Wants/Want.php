<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

/** Something that somebody wants to be able to do in a room, and from where. */
final readonly class Want
{
    public function __construct(
        public string $room,
        public WantedFunction $function,
        public WantedBy $by,
        public WantedFrom $from,
    ) {}
}
