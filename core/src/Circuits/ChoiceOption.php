<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** One of the ways, with what it costs, what rules it out and what has to be said of it. */
final readonly class ChoiceOption
{
    /**
     * @param  list<string>  $ruledOut  why it can't be; empty: it can
     * @param  list<string>  $cautions
     */
    public function __construct(public ChoiceKind $kind, public float $cost, public array $ruledOut, public array $cautions) {}
}
