<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Editing\Refused;
use App\Models\MeshProposal;
use Kavvel\Core\Protocol\Protocol;

/** A proposal can't be kept, or made work. */
final class ProposalRefused extends Refused
{
    public static function triesNothing(): self
    {
        return new self('proposal', 'Nothing is tried, or it can be tried no more: try something first, then keep it.');
    }

    public static function isThere(): self
    {
        return new self('proposal', 'That is a proposal already: look below.');
    }

    public static function areTooMany(): self
    {
        $most = MeshProposal::MOST;

        return new self('proposal', "{$most} proposals stand side by side: drop one, then keep this one.");
    }

    public static function isOutdated(): self
    {
        return new self('proposal', 'Something of it can be done no more: a place is taken, or a device has gone. Try it anew.');
    }

    public static function isNotRead(Protocol $protocol): self
    {
        return new self('proposal', "{$protocol->title()} was not read, or devices have come or moved since: read it first.");
    }
}
