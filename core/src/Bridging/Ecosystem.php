<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** A platform from which the client wants to use devices. */
final readonly class Ecosystem
{
    /** @var array<string, true> */
    private array $isKnown;

    /**
     * @param  list<string>  $accepts  forms
     * @param  list<string>  $knows  capabilities
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $accepts,
        public array $knows,
        public ?Release $release = null,
        public Removal $removal = Removal::Single,
    ) {
        $this->isKnown = array_fill_keys(array_map(static fn (string $id): string => "id {$id}", $knows), true);
    }

    public function knows(Capability $capability): bool
    {
        return isset($this->isKnown["id {$capability->id}"]);
    }
}
