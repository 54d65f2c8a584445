<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

/** One device as an ecosystem shows it. */
final class Entry
{
    public bool $isRenamedHere = false;

    /**
     * @param  list<string>  $can  what is left of it here
     * @param  string|null  $source  what its source called it when this one was named
     */
    public function __construct(
        public readonly string $id,
        public readonly string $device,
        public readonly string $door,
        public readonly int $since,
        public string $name,
        public ?string $room,
        public array $can,
        public ?string $source,
    ) {}
}
