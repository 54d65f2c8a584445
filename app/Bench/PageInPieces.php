<?php

declare(strict_types=1);

namespace App\Bench;

/** A station's page, made: its pieces, how closely it follows the job, and whether it is one person's own. */
final readonly class PageInPieces
{
    /** @param list<Part> $parts */
    public function __construct(public string $title, public bool $isLive, public array $parts, public bool $isOwn = false) {}

    /** @param array<string, string> $seen versions that a poll has, by name of the piece */
    public function changedSince(array $seen): self
    {
        return new self($this->title, $this->isLive, array_values(array_filter(
            $this->parts,
            static fn (Part $part): bool => ($seen[$part->name] ?? null) !== $part->version,
        )), $this->isOwn);
    }

    /** The same for one person. */
    public function forPerson(string $name): self
    {
        $parts = array_map(static fn (Part $part): Part => $part->forPerson($name), $this->parts);

        return new self($this->title, $this->isLive, $parts, $this->isOwn);
    }
}
