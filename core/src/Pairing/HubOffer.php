<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Protocol;

/** A hub of the job: what it speaks, and for which of that windows can be opened over its link. */
final readonly class HubOffer
{
    /**
     * @param  list<Protocol>  $speaks
     * @param  list<Protocol>  $opens
     */
    public function __construct(public string $id, public array $speaks, public array $opens) {}
}
