<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** A likely cause and the next thing to try. */
final readonly class Cause
{
    public function __construct(public string $code, public string $cause, public string $try) {}
}
