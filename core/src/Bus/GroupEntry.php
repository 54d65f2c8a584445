<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** A line of a bus project: an address, its whole name, and what it is for where its name says so. */
final readonly class GroupEntry
{
    public function __construct(
        public GroupAddress $address,
        public string $name,
        public string $point,
        public ?BusFunction $function,
    ) {}
}
