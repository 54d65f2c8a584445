<?php

declare(strict_types=1);

namespace App\Stations;

/** What stands under the plan beside the signs that are on it: where the drawing comes from. */
final readonly class Legend
{
    public function __construct(public string $note = '') {}
}
