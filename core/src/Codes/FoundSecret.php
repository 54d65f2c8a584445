<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** A secret that was found in what somebody pasted: what it is, where it stood, and whose it seems to be. */
final readonly class FoundSecret
{
    /**
     * @param  string  $at  path in the pasted text; empty: all of it
     * @param  string|null  $of  the name or id that stood beside it
     */
    public function __construct(public string $secret, public string $at, public ?string $of) {}
}
