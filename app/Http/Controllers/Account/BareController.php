<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use Illuminate\Http\Response;

/** A signed-in route that does nothing: what the benchmark holds the pages against. */
final class BareController
{
    public function __invoke(): Response
    {
        return response('bare');
    }
}
