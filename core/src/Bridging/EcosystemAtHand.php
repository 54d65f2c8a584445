<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** An ecosystem that the client has or wants. */
final readonly class EcosystemAtHand
{
    /** @param Release|null $release as it was found; null: as its sheet says */
    public function __construct(
        public string $id,
        public string $name,
        public EcosystemSheet $sheet,
        public ?Release $release = null,
    ) {}

    public function ecosystem(): Ecosystem
    {
        return $this->sheet->ecosystem($this->id, $this->name, $this->release);
    }
}
