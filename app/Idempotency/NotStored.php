<?php

declare(strict_types=1);

namespace App\Idempotency;

use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** Rolls the transaction back when the answer is a refusal, so that the same key can be tried again. */
final class NotStored extends RuntimeException
{
    public function __construct(public readonly Response $response)
    {
        parent::__construct('The write was refused.');
    }
}
