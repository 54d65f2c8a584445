<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** Names that would be mistaken for each other, or for a room, or that are too long for an ecosystem. */
final readonly class Conflict
{
    /** @param list<string> $ids */
    public function __construct(public string $kind, public array $ids, public ?string $ecosystem, public string $why) {}

    /** What is ambiguous or does not fit can't be given; what only sounds or looks alike is a warning. */
    public function forbids(): bool
    {
        return in_array($this->kind, ['same', 'group', 'too-long'], true);
    }
}
