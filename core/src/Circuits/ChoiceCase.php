<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** A circuit whose light is to become smart, the place of its switch, and what things cost there. */
final readonly class ChoiceCase
{
    public function __construct(public Circuit $circuit, public SwitchPlace $place, public Prices $prices) {}
}
