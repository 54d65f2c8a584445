<?php

declare(strict_types=1);

namespace App\SignIn;

/** A try as it was written down: on which account, from where. */
final readonly class WrittenTry
{
    public function __construct(public int $id, public string $account, public string $source) {}
}
