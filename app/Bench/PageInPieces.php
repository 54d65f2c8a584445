<?php

declare(strict_types=1);

namespace App\Bench;

/** A station's page, made: its pieces, and how closely it follows the job. */
final readonly class PageInPieces
{
    /** @param list<Part> $parts */
    public function __construct(public string $title, public bool $isLive, public array $parts) {}

    /** @param array<string, string> $seen versions that a poll has, by name of the piece */
    public function changedSince(array $seen): self
    {
        return new self($this->title, $this->isLive, array_values(array_filter(
            $this->parts,
            static fn (Part $part): bool => ($seen[$part->name] ?? null) !== $part->version,
        )));
    }

    /** The same for one person. */
    public function forPerson(string $name): self
    {
        return new self($this->title, $this->isLive, array_map(static fn (Part $part): Part => $part->forPerson($name), $this->parts));
    }
}
