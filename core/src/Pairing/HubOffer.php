<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\Vec3;

/** A hub of the job: where it stands, what it speaks, and for which of that windows can be opened over its link. */
final readonly class HubOffer
{
    /**
     * @param  list<Protocol>  $speaks  empty: nobody has said
     * @param  list<Protocol>  $opens
     */
    public function __construct(public string $id, public array $speaks, public array $opens, public Vec3 $place) {}

    public function speaks(Protocol $protocol): bool
    {
        return in_array($protocol, $this->speaks, true);
    }

    public function opens(Protocol $protocol): bool
    {
        return in_array($protocol, $this->opens, true);
    }

    /** A person may send a device of this protocol to it. */
    public function maySpeak(Protocol $protocol): bool
    {
        return $this->speaks === [] || $this->speaks($protocol);
    }
}
