<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Drops\DropCode;

/** Writes down by which code cables are buried. */
final readonly class DropCodes
{
    public function __construct(private Logbook $logbook) {}

    public function choose(SiteJob $job, DropCode $code, User $person): void
    {
        $job->update(['drop_code' => $code]);
        $this->logbook->write($job, $person, 'plan', "Buried cables: {$code->words()}.");
    }
}
