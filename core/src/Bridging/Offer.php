<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** A form in which a box passes on what comes in. */
final readonly class Offer
{
    /** @var array<string, true> */
    private array $isDropped;

    /**
     * @param  list<string>  $drops  capabilities that do not get through
     * @param  Copies|null  $copies  what it hands on of name and room; null: as its form does
     */
    public function __construct(
        public string $as,
        public ?Release $release = null,
        public array $drops = [],
        public bool $isCloud = false,
        public ?Copies $copies = null,
    ) {
        $this->isDropped = array_fill_keys(array_map(static fn (string $id): string => "id {$id}", $drops), true);
    }

    public function drops(Capability $capability): bool
    {
        return isset($this->isDropped["id {$capability->id}"]);
    }
}
