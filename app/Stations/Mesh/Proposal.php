<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Models\MeshProposal;
use App\Radio\WhatIf;
use Kavvel\Core\Mending\MendingCost;

/** A proposal beside the others: what it would do to the mesh as it was read last, and what it takes. */
final readonly class Proposal
{
    public function __construct(public string $letter, public MeshProposal $kept, public WhatIf $tried, public MendingCost $cost) {}

    /** Something of it can be tried no more: a place is taken, a device has gone. */
    public function isOutdated(): bool
    {
        return count($this->tried->changes) < count(explode(' ', $this->kept->changes));
    }

    /** It asks for something to be done, not only for something that may fail. */
    public function isWork(): bool
    {
        foreach ($this->tried->changes as $change) {
            if (in_array($change->kind, ['relay', 'hub'], true)) {
                return true;
            }
        }

        return false;
    }
}
