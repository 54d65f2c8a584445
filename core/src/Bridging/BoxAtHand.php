<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Release;

/** A box of the job: there already, or to be weighed. */
final readonly class BoxAtHand
{
    /**
     * @param  Release|null  $release  as it was found; null: as its sheet says
     * @param  list<Protocol>|null  $speaks  what the radios of its hub speak, where it is one
     */
    public function __construct(
        public string $id,
        public string $name,
        public BoxSheet $sheet,
        public bool $isOwned,
        public ?Release $release = null,
        public ?array $speaks = null,
    ) {}

    public function box(): Box
    {
        $accepts = array_values(array_unique(array_merge(
            $this->sheet->accepts,
            $this->sheet->wraps ? [Wrapper::formAt($this->id)] : [],
            ...array_map(fn (Protocol $one): array => PlacedDevice::formsOf($one, $this->id), $this->speaks ?? []),
        )));

        return $this->sheet->box($this->id, $this->name, $this->isOwned, $accepts, $this->release);
    }
}
